import { NEAR_ENOUGH } from '../reach/choices'
import { indexPaintsIn } from '../reach/indexPaints'
import { EVERYTHING } from '../reach/lattice'
import { heldIndexIn } from '../reach/heldIndexes'
import { PaletteReach } from '../reach/paletteReach'
import { keyFor } from '../choosing/verdict/indexes'
import { plannedPaints } from '../documents/plan'
import { fail, ok } from '../result'
import { atOnce, job } from './job'
import { paletteJudged } from './paletteJudged'

/** Owned paints that would bring a cell of the lattice within reach of a palette. */
export const whoWouldJob = job<{ paletteId: string; cell: number }, never, { id: string; size: 1 | 2 | 3 }[]>({
  lane: 'live',
  run: atOnce(({ paletteId, cell }, reading) => {
    const palette = paletteJudged(reading, paletteId)
    const near = palette?.brief?.near ?? NEAR_ENOUGH
    const index = heldIndexIn(reading, keyFor(indexPaintsIn(reading).paints, EVERYTHING, near))
    if (!palette || !index) return fail('no-index', 'What the collection mixes is still being worked out.')
    const reach = new PaletteReach(index, new Float64Array(index.count).fill(1), palette.brief?.most ?? 3)
    reach.become([...plannedPaints(palette)])
    return ok(reach.whoWould(cell))
  }),
})
