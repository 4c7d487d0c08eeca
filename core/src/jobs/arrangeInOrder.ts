import { arrangeInOrder, type Arrangement, type Order, type OrderProgress } from '../arranging/order'
import type { Collection } from '../collection/collection'
import { plannedPaints } from '../documents/plan'
import { fail } from '../result'
import { job } from './job'

export interface ArrangeRequest {
  paletteId: string
  order: Order
}

/** Orders the planned paints of a palette. Errors: `no-such-palette`. */
export const arrangeInOrderJob = job<ArrangeRequest, OrderProgress, Arrangement>({
  lane: 'live',
  *run({ paletteId, order }, collection) {
    const palette = collection.get('palettes', paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    return yield* arrangeInOrder({ palette, paints: paintsOf(paletteId, collection), order })
  },
  news: ({ best }) => best,
  concerns: ({ whole, delta }, { paletteId }, collection) =>
    whole ||
    delta.documents.some(
      ({ kind, id }) =>
        (kind === 'palettes' && id === paletteId) ||
        (kind === 'paints' && paintsOf(paletteId, collection).some((p) => p.id === id)),
    ),
})

function paintsOf(paletteId: string, collection: Collection) {
  const palette = collection.get('palettes', paletteId)
  return [...(palette ? plannedPaints(palette) : [])].flatMap((id) => collection.get('paints', id) ?? [])
}
