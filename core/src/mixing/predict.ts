import { BANDS, emptySpectrum, type Spectrum } from '../colour/bands'
import { labOfReflectance } from '../colour/tristimulus'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'
import { BLACK_LINE, filmOnPaper, filmOver, insideOf, outsideOf } from './film'

/** What a paint does to light, per unit load; load 1 is its masstone. */
export interface Optics {
  /** Absorption, 36 bands, 0 upward. */
  K: Spectrum
  /** Scattering, 36 bands, 0 upward. */
  S: Spectrum
  /** Load at which its wash lies, 0..1. */
  washLoad: number
}

/** One paint of a mixture. Only the ratios of the parts count. */
export interface Share<T extends Optics = Optics> {
  optics: T
  parts: number
}

/** Water to one part of paint at which a wash is painted out, by drops. */
export const WASH_WATER = 6
/** Mixed absorption beyond this is as good as black, and keeps the search's sums in range. */
const MOST_K = 60

export interface Mixed extends Optics {
  /** Shares of the paints, adding up to 1, in the order given. */
  shares: number[]
}

/**
 * The film of a mixture: K and S add by share of paint, K_mix = sum c_i K_i (Duncan 1940, Proc. Phys. Soc. 52).
 * The order of the paints and the scale of the parts do not matter.
 *
 * Errors: `no-paint`, `bad-parts` (not finite, or below 0), `bad-optics` (NaN or below 0).
 */
export function mixOptics(parts: readonly Share[]): Result<Mixed> {
  const total = parts.reduce((sum, { parts: p }) => sum + p, 0)
  if (parts.some(({ parts: p }) => !Number.isFinite(p) || p < 0))
    return fail('bad-parts', 'Parts are numbers from 0 upward.')
  if (!(total > 0)) return fail('no-paint', 'A mixture needs at least one paint with more than 0 parts.')
  const K = emptySpectrum()
  const S = emptySpectrum()
  let thinning = 0
  for (const { optics, parts: p } of parts) {
    const bad = problemOf(optics)
    if (bad) return fail('bad-optics', bad)
    const share = p / total
    thinning += share * thinningOf(optics.washLoad)
    for (let i = 0; i < BANDS; i += 1) {
      K[i]! += share * optics.K[i]!
      S[i]! += share * optics.S[i]!
    }
  }
  for (let i = 0; i < BANDS; i += 1) K[i] = Math.min(MOST_K, K[i]!)
  return ok({ K, S, washLoad: 1 / (1 + WASH_WATER * thinning), shares: parts.map(({ parts: p }) => p / total) })
}

function problemOf({ K, S, washLoad }: Optics): string | undefined {
  if (K.length !== BANDS || S.length !== BANDS) return `Optics hold ${BANDS} bands.`
  if (!(washLoad > 0 && washLoad <= 1)) return 'The load of a wash lies above 0 and is at most 1.'
  for (let i = 0; i < BANDS; i += 1)
    if (!(K[i]! >= 0 && S[i]! >= 0 && K[i]! < Infinity && S[i]! < Infinity))
      return 'Absorption and scattering are finite and not below 0.'
  return undefined
}

/** How much a part of water thins a paint, from the load of its wash. */
const thinningOf = (washLoad: number) => (1 / washLoad - 1) / WASH_WATER

/** Load on the paper when a mixture is thinned with `water` parts to one of paint, 0 upward: 1 without water, its wash at 6. */
export const loadAt = ({ washLoad }: Pick<Optics, 'washLoad'>, water: number): number =>
  1 / (1 + Math.max(0, water) * thinningOf(washLoad))

/** Measured reflectance of a paint or mixture on white paper, 36 bands, 0..1. */
export const reflectanceAt = ({ K, S }: Pick<Optics, 'K' | 'S'>, load: number): Spectrum => filmOnPaper(K, S, load)

/** Colour of a paint or mixture on white paper at a load. */
export const colourAt = (optics: Pick<Optics, 'K' | 'S'>, load: number): LabD65 =>
  labOfReflectance(reflectanceAt(optics, load))

/** Colour at masstone and thinned to a wash. */
export const masstoneOf = (optics: Optics) => colourAt(optics, 1)
export const washOf = (optics: Optics) => colourAt(optics, optics.washLoad)

/** Colour over a black line, at masstone: what the paint covers. */
export function overBlack({ K, S }: Pick<Optics, 'K' | 'S'>, load = 1): LabD65 {
  return labOfReflectance(Float64Array.from(K, (k, i) => outsideOf(filmOver(k, S[i]!, load, insideOf(BLACK_LINE)))))
}

/** Colours from masstone to nearly bare paper, with the water of each; what a swatch is drawn from. */
export function rampOf(
  optics: Optics,
  waters: readonly number[] = [0, 0.5, 1, 2, 4, 6, 10, 18],
): { water: number; lab: LabD65 }[] {
  return waters.map((water) => ({ water, lab: colourAt(optics, loadAt(optics, water)) }))
}

/** How well a film covers, by its scattering at 550 nm and masstone (judgement; the classes of the reference, borders half way). */
export function transparencyOf({
  S,
}: Pick<Optics, 'S'>): 'transparent' | 'semi-transparent' | 'semi-opaque' | 'opaque' {
  const s = S[17]!
  return s < 0.07 ? 'transparent' : s < 0.2 ? 'semi-transparent' : s < 0.56 ? 'semi-opaque' : 'opaque'
}
