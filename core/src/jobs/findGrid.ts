import { findGrid, type FoundGrid } from '../paints/sheet/findGrid'
import type { Pixels } from '../paints/sheet/readPatch'
import { atOnce, job } from './job'

/** Finds the grid of a photographed sheet of swatches. Errors: `grid-not-found`. */
export const findGridJob = job<{ image: Pixels }, never, FoundGrid>({
  lane: 'long',
  run: atOnce(({ image }) => findGrid(image)),
})
