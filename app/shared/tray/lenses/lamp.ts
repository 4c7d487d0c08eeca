import { colourDifference, differenceInWords, type Light } from '@juxtachrome/core/colour'
import { colourAt, loadAt } from '@juxtachrome/core/film'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { filmStops } from '~/shared/swatch/useSwatch'
import { type Lens, UNKNOWN } from '../lens'

/** Each paint as it looks in the evening, to an eye that is used to the lamp; and how far that is from what it is by day. */
export const lamp: Lens<unknown> = {
  id: 'lamp',
  label: 'Evening lamp',
  seen: (paint) => {
    const optics = opticsOf(paint)
    if (!optics.ok) return UNKNOWN
    const at = (water: number, light: Light) => colourAt(optics.value, loadAt(optics.value, water), light)
    const changes = Math.max(...[0, 6].map((water) => colourDifference(at(water, 'lamp'), at(water, 'daylight'))))
    return {
      words: `by an evening lamp, to daylight: ${differenceInWords(changes)}`,
      stops: filmStops(optics.value, 'lamp'),
    }
  },
}
