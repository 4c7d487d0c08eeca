import { colourDifference } from '../colour/difference'
import { colourAt, loadAt, type Optics } from '../film/optics'

/** How far two paints or mixtures lie apart at masstone and wash, CIEDE2000, by daylight and by an evening lamp. */
export interface UnderLights {
  daylight: number
  lamp: number
}

/** Parting by this much more under a lamp is seen, CIEDE2000 (judgement). */
const PARTS_BY = 2

/** Each thinned with its own water; the worse of masstone and wash, where a wash is asked for. */
export function underLights(one: Optics, other: Optics, waters?: readonly [one: number, other: number]): UnderLights {
  const apart = (light: 'daylight' | 'lamp') => {
    const at = (p: number, q: number) =>
      colourDifference(colourAt(one, loadAt(one, p), light), colourAt(other, loadAt(other, q), light))
    return Math.max(at(0, 0), waters ? at(...waters) : 0)
  }
  return { daylight: apart('daylight'), lamp: apart('lamp') }
}

/** Whether what matches by daylight parts by a lamp: their spectra differ. */
export const partsUnderLamp = ({ daylight, lamp }: UnderLights): boolean => lamp - daylight >= PARTS_BY
