import { tablesHeld } from '../choosing/best/tablesHeld'
import { rolesFor } from '../choosing/roles'
import { reduceSteps, type ReduceStep } from '../choosing/methods/reduce'
import { paintsJudged } from '../collection/lists'
import { planAt, plannedPaints } from '../documents/plan'
import { usableItemsIn } from '../filling/atHand'
import { heldIndexIn } from '../reach/heldIndexes'
import { indexPaintsIn } from '../reach/indexPaints'
import { fail, ok, type Result } from '../result'
import { retold } from '../steps'
import { job } from './job'

export interface ReduceRequest {
  paletteId: string
  /** Begin with everything that is at hand, or with what is planned. */
  from: 'collection' | 'palette'
}
export interface ReduceProgress {
  done: number
  of: number
}
/** Paints in the order in which they go, the least missed first; those that stay to the end are not among them. */
export interface Reduced {
  steps: ReduceStep[]
  /** All paints that were begun with. */
  from: string[]
}

/** In which order paints are missed least, from everything owned or from a palette down to one. */
export const reducePaletteJob = job<ReduceRequest, ReduceProgress, Reduced>({
  lane: 'live',
  *run({ paletteId, from }, reading): Generator<ReduceProgress, Result<Reduced>> {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return fail('no-palette', 'That palette is gone.')
    const { paints: indexed } = indexPaintsIn(reading)
    const tables = tablesHeld(palette.brief, indexed, (key) => heldIndexIn(reading, key))
    if (!tables?.length) return fail('no-index', 'What the collection mixes is still being worked out.')
    const usable = usableItemsIn(reading)
    const planned = plannedPaints(palette)
    const reckoned = new Set(indexed.map((p) => p.id))
    const isIn = (id: string) =>
      reckoned.has(id) && (from === 'palette' ? planned.has(id) : planned.has(id) || usable(id) > 0)
    const paints = paintsJudged(reading).filter((p) => isIn(p.id))
    const locked = palette.holder.places.flatMap(({ id }) => {
      const plan = planAt(palette, id)
      return plan?.locked && plan.paintId ? [plan.paintId] : []
    })
    const fixed = [...locked, ...(palette.brief?.mustIn ?? [])].filter((id) => paints.some((p) => p.id === id))
    const going = reduceSteps({
      paints,
      fixed,
      itemsOf: usable,
      tables,
      most: palette.brief?.most ?? 3,
      roles: rolesFor(palette.brief),
    })
    let done = 0
    const steps = yield* retold(going, () => ({ done: done++, of: paints.length }))
    return ok({ steps, from: paints.map((p) => p.id) })
  },
})
