import { areaOf } from '../arranging/geometry'
import type { Place } from '../documents/palette'
import { days, ml, type Days, type Millilitre } from '../units'

/** How much a place holds to the brim, in ml. */
export const capacityOf = (place: Place): Millilitre => ml((areaOf(place) * place.depth) / 1000)

/** A usual first filling: four fifths of the brim, to a tenth of a ml (judgement). */
export const usualFilling = (place: Place): Millilitre => ml(Math.max(0.1, Math.round(capacityOf(place) * 8) / 10))

/**
 * Days until a filling is dry: a day for a smear and one more for each millimetre of depth (common
 * practice, no source: a half pan filled at once takes about a week). Weather and binder decide;
 * the artist's finger has the last word.
 */
export function dryingDays(place: Place, millilitres: number): Days {
  const depth = (millilitres * 1000) / areaOf(place)
  return days(Math.min(60, Math.max(1, Math.round(1 + depth))))
}
