import { colourDifference } from '../colour/difference'
import { colourAt, type Optics } from '../film/optics'
import type { LabD65 } from '../units'
import { mixOptics } from './mixOptics'

/** Parts of a paint to its partner, and loads, at which mixtures are compared. */
const TRIED = [
  [1, 1],
  [1, 3],
] as const
const LOADS = [1, 0.25] as const

/** The mixtures of a paint with a partner that are compared; undefined where they cannot be mixed. */
export function mixturesWith(optics: Optics, partner: Optics): LabD65[] | undefined {
  const colours: LabD65[] = []
  for (const [own, its] of TRIED) {
    const mixed = mixOptics([
      { optics, parts: own },
      { optics: partner, parts: its },
    ])
    if (!mixed.ok) return undefined
    for (const load of LOADS) colours.push(colourAt(mixed.value, load))
  }
  return colours
}

/** How far the same mixtures of two paints lie apart at most, CIEDE2000. */
export const farthest = (one: readonly LabD65[], other: readonly LabD65[]): number =>
  Math.max(...one.map((lab, i) => colourDifference(lab, other[i]!)))

/** How far the same mixtures of two paints with one partner lie apart at most; undefined where they cannot be mixed. */
export function apartWith(one: Optics, other: Optics, partner: Optics): number | undefined {
  const [p, q] = [mixturesWith(one, partner), mixturesWith(other, partner)]
  return p && q && farthest(p, q)
}
