import { choosePalette, type Chosen, type ChooseProgress } from '../choosing/best/choosePalette'
import { paintsJudged } from '../collection/lists'
import type { TargetChoice } from '../documents/brief'
import { plannedPaints } from '../documents/plan'
import { usableItemsIn } from '../filling/atHand'
import { NEAR_ENOUGH, tableOf } from '../reach/choices'
import { indexPaintsOf } from '../reach/indexPaints'
import { mixtureIndex } from '../reach/mixtureIndex'
import { strengthsIn } from '../mixing/strengths'
import { fail, type Result } from '../result'
import { retold } from '../steps'
import { job } from './job'
import { paletteJudged } from './paletteJudged'

export interface ChooseFewRequest {
  paletteId: string
  /** How many, 2 to 8. */
  count: number
  /** What the painting is to show. */
  target: TargetChoice
  /** Those that are wanted in any case. */
  fixed?: string[]
}

/** The best few paints of a palette for one painting. */
export const chooseFewJob = job<ChooseFewRequest, ChooseProgress, Chosen>({
  lane: 'long',
  *run({ paletteId, count, target, fixed = [] }, reading): Generator<ChooseProgress, Result<Chosen>> {
    const palette = paletteJudged(reading, paletteId)
    const table = tableOf(target)
    if (!palette || !table) return fail('no-palette', 'That palette or that subject is gone.')
    const here = plannedPaints(palette)
    const paints = paintsJudged(reading).filter((p) => here.has(p.id))
    const indexed = indexPaintsOf(paints, strengthsIn(reading))
    const building = mixtureIndex({ paints: indexed.paints, table, near: palette.brief?.near ?? NEAR_ENOUGH })
    const index = yield* retold(building, (): ChooseProgress => ({ stage: 'searching' }))
    if (!index.ok) return index
    const weights = Float64Array.from(table.targets, (t) => t.weight)
    const planned = fixed.filter((id) => here.has(id))
    return yield* choosePalette({
      paints,
      planned,
      free: Math.max(0, Math.min(8, count) - planned.length),
      tables: [{ index: index.value, weights, share: 1 }],
      itemsOf: usableItemsIn(reading),
      ...(palette.brief?.most ? { most: palette.brief.most } : {}),
    })
  },
  news: ({ soFar }) => soFar,
})
