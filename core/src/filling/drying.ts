import { areaOf } from '../arranging/geometry'
import type { Place } from '../documents/palette'
import { forecastDrying } from './forecastDrying'
import { type Practice, USUAL_PRACTICE } from './practice'
import { days, ml, type Days, type Millilitre } from '../units'

/** How much a place holds to the brim, in ml. */
export const capacityOf = (place: Place): Millilitre => ml((areaOf(place) * place.depth) / 1000)

/** A usual first filling: so much of the brim, to a tenth of a ml. */
export const usualFilling = (place: Place, { level }: Pick<Practice, 'level'> = USUAL_PRACTICE): Millilitre =>
  ml(Math.max(0.1, Math.round(capacityOf(place) * level * 10) / 10))

/** Days until a filling is likely dry in temperate air, whole ones. The artist's finger has the last word. */
export const dryingDays = (place: Place, millilitres: number): Days =>
  days(Math.min(60, Math.max(1, Math.round(forecastDrying(place, millilitres).likely))))
