import { filmAt, newFilm, type FilmModel } from './fitModel'

/** One independent way in which a film may lie off, by one standard deviation; natural logarithms. */
export interface FilmShift {
  /** Of the absorption, 36 bands. */
  K: Float64Array
  /** Of the scattering, the same in all bands. */
  S: number
  /** Of how much a part of water thins it. */
  thinning: number
}
/** What a paint brings to the error of a prediction. */
export interface FilmError {
  shifts: readonly FilmShift[]
  /** How far what one part does may be from what is thought (natural logarithm). */
  strength: number
  /** What is not known by other ways, in every colour, one standard deviation of CIEDE2000. */
  more: number
  /** A wash of it was seen: how it thins is open between masstone and wash only. */
  isThinned?: boolean
}

/** A part of paint does somewhat more or less than its pigments let expect, a factor, one standard deviation (judgement). */
export const STRENGTH_SD = Math.log(1.25)
/** Shifts smaller than this change no colour. */
const NOTHING = 1e-4

/** The shifts of a film whose parameters lie within a spread around a point, see `leastSquares`. */
export function shiftsOf(
  model: FilmModel,
  point: ArrayLike<number>,
  spread: readonly ArrayLike<number>[],
): FilmShift[] {
  const [more, less] = [newFilm(), newFilm()]
  const at = (direction: ArrayLike<number>, sign: number) =>
    Float64Array.from(point, (x, j) => x + sign * (direction[j] ?? 0))
  return spread.flatMap((direction) => {
    filmAt(at(direction, 1), model, more)
    filmAt(at(direction, -1), model, less)
    const half = (p: number, q: number) => Math.log(p / q) / 2
    const shift: FilmShift = {
      K: more.K.map((k, i) => half(k, less.K[i]!)),
      S: half(more.S[0]!, less.S[0]!),
      thinning: half(1 / more.washLoad - 1 + 1e-9, 1 / less.washLoad - 1 + 1e-9),
    }
    const most = shift.K.reduce((m, k) => Math.max(m, Math.abs(k)), Math.abs(shift.S) + Math.abs(shift.thinning))
    return most < NOTHING ? [] : [shift]
  })
}

/** The same ways, so many times as far. */
export const widened = (shifts: readonly FilmShift[], by: number): FilmShift[] =>
  shifts.map(({ K, S, thinning }) => ({ K: K.map((k) => k * by), S: S * by, thinning: thinning * by }))
