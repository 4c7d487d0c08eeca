import { areaOf } from '../arranging/geometry'
import type { Place } from '../documents/palette'
import { forecastDrying } from './forecastDrying'
import { days, ml, type Days, type Millilitre } from '../units'

/** How much a place holds to the brim, in ml. */
export const capacityOf = (place: Place): Millilitre => ml((areaOf(place) * place.depth) / 1000)

/** A usual first filling: four fifths of the brim, to a tenth of a ml (judgement). */
export const usualFilling = (place: Place): Millilitre => ml(Math.max(0.1, Math.round(capacityOf(place) * 8) / 10))

/** Days until a filling is likely dry in temperate air, whole ones. The artist's finger has the last word. */
export const dryingDays = (place: Place, millilitres: number): Days =>
  days(Math.min(60, Math.max(1, Math.round(forecastDrying(place, millilitres).likely))))
