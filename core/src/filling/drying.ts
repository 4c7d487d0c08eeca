import { areaOf } from '../arranging/geometry'
import type { Place } from '../documents/palette'
import { type DryingQuestion, forecastDrying } from './forecastDrying'
import { type Practice, USUAL_PRACTICE } from './practice'
import { days, ml, type Days, type Millilitre } from '../units'

/** How much a place holds to the brim, in ml. */
export const capacityOf = (place: Place): Millilitre => ml((areaOf(place) * place.depth) / 1000)

/** A usual first filling: so much of the brim, to a tenth of a ml. */
export const usualFilling = (place: Place, { level }: Pick<Practice, 'level'> = USUAL_PRACTICE): Millilitre =>
  ml(Math.max(0.1, Math.round(capacityOf(place) * level * 10) / 10))

/** A likely time in whole days, at least one. Plan, form and filling day all count so. */
export const wholeDays = (likely: number): Days => days(Math.max(1, Math.round(likely)))

/** What a filling dries by; `onto`: ml that are wet in the place already, and dry with it. */
export interface DryingOf extends DryingQuestion {
  onto?: number
}

/** Whole days until a filling is likely dry, with what is wet below it. The artist's finger has the last word. */
export const dryingDays = (place: Place, millilitres: number, { onto = 0, ...question }: DryingOf = {}): Days =>
  wholeDays(forecastDrying(place, millilitres + onto, question).likely)
