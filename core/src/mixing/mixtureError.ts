import { axesAt } from '../colour/axes'
import type { FilmError, FilmShift } from '../film/filmError'
import { colourAt, loadAt, masstoneOf, type Optics } from '../film/optics'
import { WASH_WATER } from '../film/dilution'
import { strengthOf } from '../film/strength'
import type { LabD65 } from '../units'
import { mixSound, type Share } from './mixOptics'

/** Optics that know how far to trust them, as `opticsOfPaint` gives them. */
export type DoubtedOptics = Optics & {
  error?: FilmError
  /** How many times as far off mixtures of the collection's own notes were as was said; 1 where it is not said. */
  calibration?: number
}

/** How far predictions lie from the truth, CIEDE2000: half of them within `median`, nineteen in twenty within `most`. */
export interface Spread {
  median: number
  most: number
}
/** A prediction's error as an ellipse: covariance of L*, a*, b*, by rows. */
export interface ErrorEllipse extends Spread {
  covariance: readonly number[]
}

/** Where nothing is said of an error: as for a paint of which one swatch was typed (judgement). */
const UNSAID: FilmError = { shifts: [], strength: Math.log(1.4), more: 3 }
/**
 * How far mixtures and washes of real films lie from two-constant Kubelka-Munk where all else is known, CIEDE2000, one
 * standard deviation; so chosen that what is stated holds on truths that did not set it (docs/accuracy.md).
 */
const MIXING = 0.9
const THINNING = 3.6
const THINNED = 1.1
const FLOOR = 0.45

/**
 * How far a prediction may be off at some water: what is open of each paint's film, of its strength and of the water,
 * carried to the colour one by one and added up. A trace of a paint adds a trace; a paint beside itself adds nothing.
 *
 * @param parts sound ones, as `mixOptics` takes them.
 */
export function errorOfMixture(parts: readonly Share<DoubtedOptics>[], water: number, lab: LabD65): ErrorEllipse {
  const covariance = new Float64Array(9)
  for (const { v } of waysOff(parts, water))
    for (let i = 0; i < 3; i += 1) for (let j = 0; j < 3; j += 1) covariance[i * 3 + j]! += v[i]! * v[j]!
  const even = evenError(parts, water)
  const { median, most } = spreadOf(covariance, even, lab)
  const by = calibrationOf(parts)
  return { median: by * median, most: by * most, covariance: [...covariance].map((c) => by * by * c) }
}

/** What own notes make of the error of a mixture: all of it where much is mixed, none for one paint, continuous between. */
function calibrationOf(parts: readonly Share<DoubtedOptics>[]): number {
  const own = oncePerFilm(parts)
  const by = own.reduce((sum, { optics }) => sum + Math.log(optics.calibration ?? 1), 0) / Math.max(1, own.length)
  return by === 0 ? 1 : Math.exp(by * Math.min(1, 4 * mixedness(sharesOf(own))))
}

/** How much is mixed, by what each part does: 0 for one paint, towards 1 for many that do the same. */
const mixedness = (shares: readonly number[]): number => 1 - shares.reduce((sum, s) => sum + s * s, 0)

function sharesOf(own: readonly Share<DoubtedOptics>[]): number[] {
  const does = own.map(({ optics, parts }) => parts * (optics.perPart ?? 1) * (0.2 + strengthOf(optics.K)))
  const all = does.reduce((sum, d) => sum + d, 0) || 1
  return does.map((d) => d / all)
}

/** One way in which a mixture may lie off, by one standard deviation. */
export interface WayOff {
  /** Which of the parts it comes from, and which of the shifts of its film; or from how much its part does. */
  part: Share<DoubtedOptics>
  way: number | 'strength'
  /** What it does to the colour, L*, a*, b*. */
  v: readonly [L: number, a: number, b: number]
}

/** What is open of each paint, carried to the colour of a mixture one by one. */
export function waysOff(parts: readonly Share<DoubtedOptics>[], water: number): WayOff[] {
  const own = oncePerFilm(parts)
  const colourWith = (shifted: readonly Share<Optics>[]): LabD65 => {
    const mixed = mixSound(shifted)
    return colourAt(mixed, loadAt(mixed, water))
  }
  const both = (change: (part: Share<DoubtedOptics>, sign: number) => Share<Optics>, at: number): WayOff['v'] => {
    const [p, q] = [1, -1].map((sign) => colourWith(own.map((part, i) => (i === at ? change(part, sign) : part)))) as [
      LabD65,
      LabD65,
    ]
    return [(p.L - q.L) / 2, (p.a - q.a) / 2, (p.b - q.b) / 2]
  }
  return own.flatMap((part, at) => {
    const { shifts, strength } = part.optics.error ?? UNSAID
    const ways: WayOff[] = shifts.map((shift, way) => ({
      ...{ part, way },
      v: both((p, sign) => ({ ...p, optics: shifted(p.optics, shift, sign) }), at),
    }))
    if (own.length > 1 && strength > 0)
      ways.push({
        ...{ part, way: 'strength' },
        v: both((p, sign) => ({ ...p, parts: p.parts * Math.exp(sign * strength) }), at),
      })
    return ways
  })
}

/** The same of one paint by itself, at its masstone. */
export const errorOfPaint = (optics: DoubtedOptics): Spread => {
  const { median, most } = errorOfMixture([{ optics, parts: 1 }], 0, masstoneOf(optics))
  return { median, most }
}

/** A paint that stands in a mixture twice is one film with all its parts. */
function oncePerFilm(parts: readonly Share<DoubtedOptics>[]): Share<DoubtedOptics>[] {
  const own = new Map<Float64Array, Share<DoubtedOptics>>()
  for (const part of parts) {
    if (!(part.parts > 0)) continue
    const known = own.get(part.optics.K)
    own.set(part.optics.K, known ? { ...known, parts: known.parts + part.parts } : part)
  }
  return [...own.values()]
}

function shifted(optics: Optics, { K, S, thinning }: FilmShift, sign: number): Optics {
  const scatter = Math.exp(sign * S)
  return {
    ...optics,
    K: optics.K.map((k, i) => k * Math.exp(sign * K[i]!)),
    S: optics.S.map((s) => s * scatter),
    washLoad: Math.min(1, 1 / (1 + (1 / optics.washLoad - 1) * Math.exp(sign * thinning))),
  }
}

/** What is off whatever the direction, CIEDE2000 squared: what is not known of each paint, and the model itself in mixtures and washes. */
export function evenError(parts: readonly Share<DoubtedOptics>[], water: number): number {
  const own = oncePerFilm(parts)
  const shares = sharesOf(own)
  const mixing = mixedness(shares)
  const t = Math.log1p(water) / Math.log1p(WASH_WATER)
  const open = own.reduce((sum, { optics }, i) => sum + (optics.error?.isThinned ? 0 : shares[i]!), 0)
  const thinning = open * (THINNING * Math.min(1, t)) ** 2 + (1 - open) * (THINNED * 4 * t * (1 - t)) ** 2
  const unknown = own.reduce((sum, { optics }, i) => sum + shares[i]! * (optics.error ?? UNSAID).more ** 2, 0)
  return FLOOR ** 2 + unknown + MIXING ** 2 * mixing + thinning
}

/** Errors have longer tails than a normal distribution: paints are unlike each other (docs/accuracy.md). */
const HALF_LIE_NEARER = 0.79
const FEW_LIE_FARTHER = 1.2

/**
 * Median and nineteenth twentieth of the length of an error with some covariance: the sum of squares of its axes as a
 * scaled chi-square of the same mean and variance (Satterthwaite 1946, Biometrics Bull. 2), its quantiles after Wilson
 * and Hilferty 1931, Proc. Natl Acad. Sci. 17.
 */
function spreadOf(covariance: Float64Array, even: number, lab: LabD65): Spread {
  const scaled = inCiede(covariance, lab)
  for (let i = 0; i < 3; i += 1) scaled[i * 4]! += even / 3
  const mean = scaled[0]! + scaled[4]! + scaled[8]!
  const squares = scaled.reduce((sum, v) => sum + v * v, 0)
  const freedom = mean ** 2 / squares
  const at = (z: number) => Math.sqrt(mean * Math.max(0, 1 - 2 / (9 * freedom) + z * Math.sqrt(2 / (9 * freedom))) ** 3)
  return { median: HALF_LIE_NEARER * at(0), most: FEW_LIE_FARTHER * at(1.645) }
}

/** A covariance of L*, a*, b* in units of CIEDE2000 around a colour. */
function inCiede(covariance: Float64Array, lab: LabD65): Float64Array {
  const axes = axesAt(lab)
  const out = new Float64Array(9)
  for (let i = 0; i < 3; i += 1)
    for (let j = 0; j < 3; j += 1)
      for (let p = 0; p < 3; p += 1)
        for (let q = 0; q < 3; q += 1) out[i * 3 + j]! += axes[i]![p]! * covariance[p * 3 + q]! * axes[j]![q]!
  return out
}
