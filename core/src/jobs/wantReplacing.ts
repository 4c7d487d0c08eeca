import { paintsIn, trialsIn } from '../collection/lists'
import { plannedPaints } from '../documents/plan'
import { balanceOf } from '../ledger/items'
import { NEAR_ENOUGH } from '../reach/choices'
import { usualFilling } from '../filling/drying'
import type { Result } from '../result'
import { proposalsFor, type Wanting, wantingOf } from '../standins/because'
import { retold } from '../steps'
import { job } from './job'
import { standInContextOf } from './standInContext'

export interface WantReplacingRequest {
  paletteId: string
  /** Of everything owned, rather than of this palette. */
  all?: boolean
}
export interface WantReplacingProgress {
  done: number
  of: number
  /** The reasons, before the proposals. */
  soFar?: Wanting[]
}
/** Where the palette has no place to go by: a half pan, ml (common practice, no source). */
const HALF_PAN = 1.8

/** The paints that want replacing, why, and what is proposed for each. */
export const wantReplacingJob = job<WantReplacingRequest, WantReplacingProgress, Wanting[]>({
  lane: 'long',
  *run({ paletteId, all }, reading): Generator<WantReplacingProgress, Result<Wanting[]>> {
    const palette = reading.get('palettes', paletteId)
    const context = standInContextOf(reading, palette)
    const planned = palette ? plannedPaints(palette) : new Set<string>()
    const paints = paintsIn(reading).filter((p) => all || planned.has(p.id))
    const [place] = palette?.holder.places ?? []
    const wanting = wantingOf(paints, {
      owned: context.owned,
      itemsOf: context.itemsOf,
      leftIn: (item) => balanceOf(item, reading.ledger.account(item.id)).left,
      filling: place ? usualFilling(place) : HALF_PAN,
      beside: paints,
    })
    yield { done: 0, of: wanting.length || 1, soFar: wanting }
    const asked = {
      context,
      scope: 'anything' as const,
      trials: trialsIn(reading),
      near: palette?.brief?.near ?? NEAR_ENOUGH,
    }
    const going = proposalsFor(wanting, asked, (id) => reading.get('paints', id))
    return yield* retold(going, ({ done, of }): WantReplacingProgress => ({ done, of }))
  },
  news: ({ soFar }) => soFar,
})
