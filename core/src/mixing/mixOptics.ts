import { BANDS, emptySpectrum } from '../colour/bands'
import { thinningOf, WASH_WATER } from '../film/dilution'
import type { Optics } from '../film/optics'
import { fail, ok, type Result } from '../result'

/** One paint of a mixture. Only the ratios of the parts count. */
export interface Share<T extends Optics = Optics> {
  optics: T
  parts: number
}

/** More parts than this are a slip, and their sums lose the small ones. */
const MOST_PARTS = 1e6
/** Mixed absorption beyond this is as good as black, and keeps the search's sums in range. */
export const MOST_K = 60

/** What no paint has, whatever it is measured with. */
const MOST = 1e6
const LEAST_LOAD = 1e-6

export interface Mixed extends Optics {
  /** What each paint's share does, adding up to 1, in the order given. */
  shares: number[]
}

/**
 * The film of a mixture: K and S add by share of paint, K_mix = sum c_i K_i (Duncan 1940, Proc. Phys. Soc. 52).
 * The order of the paints and the scale of the parts do not matter. A paint with body (a covering white) is laid
 * thicker, and so is what is mixed with it: b_mix = sum c_i b_i, and a film b times as thick holds b times as much
 * of everything in it. A paint mixed with itself stays itself.
 *
 * Errors: `no-paint`, `bad-parts` (not a number from 0 to a million), `bad-optics` (NaN, below 0, beyond a million).
 */
export function mixOptics(parts: readonly Share[]): Result<Mixed> {
  const total = parts.reduce((sum, { parts: p, optics }) => sum + p * (optics.perPart ?? 1), 0)
  if (parts.some(({ parts: p }) => !(p >= 0 && p <= MOST_PARTS)))
    return fail('bad-parts', 'Parts are numbers from 0 to a million.')
  if (!(total > 0)) return fail('no-paint', 'A mixture needs at least one paint with more than 0 parts.')
  const bad = parts.map(({ optics }) => problemOf(optics)).find((problem) => problem)
  return bad ? fail('bad-optics', bad) : ok(mixSound(parts))
}

/** The same of parts that are known to be sound, for many mixtures of the same paints. */
export function mixSound(parts: readonly Share[]): Mixed {
  const total = parts.reduce((sum, { parts: p, optics }) => sum + p * (optics.perPart ?? 1), 0)
  const K = emptySpectrum()
  const S = emptySpectrum()
  const shares = parts.map(({ optics, parts: p }) => (p * (optics.perPart ?? 1)) / total)
  // shares add up to 1 but for rounding, and no film is thinner than a watercolour's
  const body = Math.max(
    1,
    parts.reduce((sum, { optics }, j) => sum + shares[j]! * (optics.body ?? 1), 0),
  )
  let thinning = 0
  parts.forEach(({ optics }, j) => {
    thinning += shares[j]! * thinningOf(optics.washLoad)
    const laid = (shares[j]! * body) / (optics.body ?? 1)
    for (let i = 0; i < BANDS; i += 1) {
      K[i]! += laid * optics.K[i]!
      S[i]! += laid * optics.S[i]!
    }
  })
  for (let i = 0; i < BANDS; i += 1) K[i] = Math.min(MOST_K, K[i]!)
  const on = parts.find(({ optics, parts: p }) => p > 0 && optics.on)?.optics.on
  return { K, S, ...(on ? { on } : {}), body, washLoad: 1 / (1 + WASH_WATER * thinning), shares }
}

function problemOf({ K, S, washLoad, body = 1, perPart = 1 }: Optics): string | undefined {
  if (K.length !== BANDS || S.length !== BANDS) return `Optics hold ${BANDS} bands.`
  if (!(washLoad >= LEAST_LOAD && washLoad <= 1)) return 'The load of a wash lies above 0 and is at most 1.'
  if (!(body >= 1 && body <= MOST && perPart >= 1 / MOST && perPart <= MOST))
    return 'Body is 1 upward, and a part does more than nothing and no more than a million times as much as usual.'
  for (let i = 0; i < BANDS; i += 1)
    if (!(K[i]! >= 0 && S[i]! >= 0 && K[i]! <= MOST && S[i]! <= MOST))
      return 'Absorption and scattering are numbers from 0 to a million.'
  return undefined
}
