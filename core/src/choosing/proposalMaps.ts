import { EVERYTHING } from '../reach/lattice'
import type { IndexPaint } from '../reach/mixtureIndex'
import { PaletteReach, type SetSize } from '../reach/paletteReach'
import { indexFor, keyFor } from './verdict/indexes'
import { heldIndex } from '../reach/heldIndexes'

/**
 * What each of some sets of paints reaches, by number of the cell of the lattice: 1 to 3 by so many paints, 0 not at all.
 * From the index of the whole collection where that is at hand, else from one of the paints concerned, made on the way.
 * Yields how far it is, 0..1; none where it cannot be worked out.
 */
export function* mapsOfSets(
  sets: readonly (readonly string[])[],
  { paints, near, most }: { paints: readonly IndexPaint[]; near: number; most: SetSize },
): Generator<number, number[][] | undefined> {
  const concerned = new Set(sets.flat())
  const own = paints.filter((p) => concerned.has(p.id))
  const index = heldIndex(keyFor(paints, EVERYTHING, near)) ?? (yield* indexFor(own, EVERYTHING, near))
  if (!index) return undefined
  const reach = new PaletteReach(index, new Float64Array(index.count).fill(1), most)
  return sets.map((ids) => {
    reach.become([...ids])
    return Array.from({ length: index.count }, (_, t) => reach.sizeOf(t))
  })
}
