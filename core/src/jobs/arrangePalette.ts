import { arrangePalette, type ArrangeProgress } from '../arranging/arrangePalette'
import type { Arranged, ArrangeQuestion } from '../arranging/arrangeProblem'
import type { ArrangeContext, Blend } from '../arranging/arrangeWishes'
import type { Collection } from '../collection/collection'
import { byKinds } from '../collection/caches'
import { itemsIn, recipesIn } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { plannedPaints } from '../documents/plan'
import { fail, type Result } from '../result'
import { job } from './job'

export interface ArrangeRequest {
  paletteId: string
  blend: Blend
  /** The brush is in the left hand. */
  leftHanded?: boolean
}

/** What is used, by what was drawn from the tubes; what is mixed, by kept recipes. */
export const arrangeContextIn = byKinds(['items', 'recipes', 'journal'], (collection): ArrangeContext => {
  const drawn = new Map<string, number>()
  for (const item of itemsIn(collection))
    drawn.set(item.paintId, (drawn.get(item.paintId) ?? 0) + collection.ledger.account(item.id).drawn)
  const most = Math.max(1e-9, ...drawn.values())
  const pairs = new Set<string>()
  for (const { paints } of recipesIn(collection))
    for (const p of paints) for (const q of paints) if (p.paintId !== q.paintId) pairs.add(`${p.paintId} ${q.paintId}`)
  return {
    key: `${[...drawn].map(([id, ml]) => `${id}${ml.toFixed(1)}`).join()};${[...pairs].join()}`,
    use: (id) => (drawn.get(id) ?? 0) / most,
    areMixed: (one, other) => pairs.has(`${one} ${other}`),
  }
})

export function arrangeQuestionOf(
  palette: Palette,
  { blend, leftHanded }: Omit<ArrangeRequest, 'paletteId'>,
  collection: Collection,
): ArrangeQuestion {
  const paints = [...plannedPaints(palette)].flatMap((id) => collection.get('paints', id) ?? [])
  const known = arrangeContextIn(collection)
  const context = leftHanded ? { ...known, leftHanded, key: `left;${known.key}` } : known
  return { palette, paints, blend, context, ...(palette.apart ? { forbidden: palette.apart } : {}) }
}

/** The best arrangement of a palette for a blend of wishes. Errors: `no-such-palette` and those of `arrangePalette`. */
export const arrangePaletteJob = job<ArrangeRequest, ArrangeProgress, Arranged>({
  lane: 'live',
  readsJournal: true,
  *run({ paletteId, ...request }, collection): Generator<ArrangeProgress, Result<Arranged>> {
    const palette = collection.get('palettes', paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    return yield* arrangePalette(arrangeQuestionOf(palette, request, collection))
  },
  news: ({ best }) => best,
  concerns: ({ whole, delta }, { paletteId }, collection) => {
    const palette = collection.get('palettes', paletteId)
    const planned = palette ? plannedPaints(palette) : new Set<string>()
    return (
      whole ||
      delta.documents.some(
        ({ kind, id }) => (kind === 'palettes' && id === paletteId) || (kind === 'paints' && planned.has(id)),
      )
    )
  },
})
