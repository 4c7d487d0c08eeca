import { colourDifference } from '../colour/difference'
import { colourAt, type Optics } from '../film/optics'
import { mixOptics } from './mixOptics'

/** Parts of each of the two to the partner, and loads, at which their mixtures are compared. */
const TRIED = [
  [1, 1],
  [1, 3],
] as const
const LOADS = [1, 0.25] as const

/** How far the same mixtures of two paints with one partner lie apart at most, CIEDE2000; undefined where they cannot be mixed. */
export function apartWith(one: Optics, other: Optics, partner: Optics): number | undefined {
  let most = 0
  for (const [own, its] of TRIED) {
    const [p, q] = [one, other].map((optics) =>
      mixOptics([
        { optics, parts: own },
        { optics: partner, parts: its },
      ]),
    )
    if (!p?.ok || !q?.ok) return undefined
    for (const load of LOADS) most = Math.max(most, colourDifference(colourAt(p.value, load), colourAt(q.value, load)))
  }
  return most
}
