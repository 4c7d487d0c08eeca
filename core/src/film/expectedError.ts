/** How far predictions lie from the truth, CIEDE2000: half of them within `median`, nineteen in twenty within `most`. */
export interface Spread {
  median: number
  most: number
}
/** A paint's part in the error of a prediction, by itself and in a mixture, at 0, 2 and 6 parts of water. */
export interface ExpectedError {
  alone: readonly [Spread, Spread, Spread]
  mixed: readonly [Spread, Spread, Spread]
}
const WATERS = [0, 2, 6] as const

const spreads = (...pairs: readonly [median: number, most: number][]) =>
  pairs.map(([median, most]) => ({ median, most })) as unknown as ExpectedError['alone']

/**
 * Pooled over truths that did not set them: other bends of the spectra, cream paper under a shinier surface, a
 * hidden strength of 30 % a part (docs/accuracy.md, which shows how many predictions lie within).
 */
const READER: ExpectedError = {
  alone: spreads([0.6, 3], [0.8, 3], [0.6, 2]),
  mixed: spreads([1.8, 10.5], [1.9, 9], [1.5, 7.5]),
}
const TYPED: ExpectedError = {
  alone: spreads([1.8, 4.4], [1.8, 4.4], [1.8, 4.1]),
  mixed: spreads([2.7, 9.4], [3, 10.4], [2.5, 8.8]),
}
const ONE_SWATCH: ExpectedError = {
  alone: spreads([2.1, 5], [3.7, 11], [4.8, 14.5]),
  mixed: spreads([3.1, 12.5], [5.7, 15.5], [5.8, 16]),
}
const CODE_ONLY: ExpectedError = {
  alone: spreads([4.4, 13.5], [6.1, 16.5], [7.1, 17.5]),
  mixed: spreads([5.9, 17], [8.7, 20], [8, 17.8]),
}
/** Trust in a swatch at which the two tables were measured, one standard deviation. */
const [READER_SD, TYPED_SD] = [0.7, 3]

const combined = (one: ExpectedError, other: ExpectedError, by: (p: number, q: number) => number): ExpectedError => {
  const both = (p: ExpectedError['alone'], q: ExpectedError['alone']) =>
    p.map((s, i) => ({ median: by(s.median, q[i]!.median), most: by(s.most, q[i]!.most) })) as unknown as typeof p
  return { alone: both(one.alone, other.alone), mixed: both(one.mixed, other.mixed) }
}

/** What is to be expected of a paint known from both swatches, by how far they are trusted (one standard deviation). */
export function fromBothSwatches(sd: number): ExpectedError {
  const t = Math.max(0, (sd - READER_SD) / (TYPED_SD - READER_SD))
  return combined(READER, TYPED, (p, q) => Math.max(p, p + t * (q - p)))
}
/** As `fromBothSwatches`, for a masstone or a wash alone. */
export function fromOneSwatch(sd: number): ExpectedError {
  return combined(ONE_SWATCH, fromBothSwatches(sd), (p, q) => Math.max(p, q))
}
export const FROM_CODES = CODE_ONLY

/** More error in every place: a part of the paint is not known at all. */
export const widened = (error: ExpectedError, by: number): ExpectedError =>
  combined(error, error, (p) => Math.hypot(p, by))

/** A spread at some water, between those that were measured by the logarithm of 1 + water. */
export function spreadAt(list: readonly Spread[], water: number): Spread {
  const place = Math.log1p(Math.max(0, Math.min(WATERS[2], water)))
  const right = place <= Math.log1p(WATERS[1]) ? 1 : 2
  const [from, to] = [Math.log1p(WATERS[right - 1]!), Math.log1p(WATERS[right]!)]
  const t = (place - from) / (to - from)
  const [p, q] = [list[right - 1]!, list[right]!]
  return { median: p.median + t * (q.median - p.median), most: p.most + t * (q.most - p.most) }
}
