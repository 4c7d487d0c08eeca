import { leanOf, type Lean } from '../colour/lean'
import { toLch } from '../colour/lch'
import { labOfReflectance } from '../colour/tristimulus'
import type { Spectrum } from '../colour/bands'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'
import { correctionFor, correctedAt, weightAt, type Correction, type Observation } from './observations'
import { fromBothSwatches, spreadAt, type ExpectedError, type Spread } from '../film/expectedError'
import { strengthOf } from '../film/strength'
import { loadAt, rampOf, reflectanceAt, transparencyOf, WASH_WATER, type Optics } from '../film/optics'
import { mixOptics } from './mixOptics'

/** Optics that know how far to trust them, as `opticsOfPaint` gives them. */
export type SharedOptics = Optics & { expectedError?: ExpectedError }
export interface MixturePart {
  optics: SharedOptics
  parts: number
  /** Needed only for corrections by own notes. */ id?: string
}

export interface MixtureOptions {
  /** Parts of water to one of paint, 0 upward; 0 is masstone. */
  water?: number
  /** What the real mixtures looked like; those of the same paints correct the prediction. */
  observations?: readonly Observation[]
}

export interface MixturePrediction {
  /** Shares of the paints, adding up to 1, in the order given. */
  shares: number[]
  optics: Optics
  masstone: LabD65
  wash: LabD65
  /** Colour at the water asked for, and its load on the paper. */
  lab: LabD65
  load: number
  /** Measured reflectance at that load, 36 bands, 0..1. */
  reflectance: Spectrum
  /** Masstone to nearly bare paper. */
  ramp: { water: number; lab: LabD65 }[]
  lean?: Lean
  /** Lightness from wash to masstone, L*. */
  value: { darkest: number; wash: number }
  /** C* of masstone and wash. */
  chroma: { masstone: number; wash: number }
  transparency: ReturnType<typeof transparencyOf>
  /** Expected error of the colour at the water asked for. */
  expected: Spread
  /** How many own notes corrected it. */
  correctedBy: number
}

/**
 * What paints mixed in parts look like on white paper, from masstone to wash: two-constant
 * Kubelka-Munk at finite load (see film.ts). Parts are free of scale, the order does not matter,
 * a paint mixed with itself stays itself.
 *
 * Errors: `no-paint`, `bad-parts`, `bad-optics`, `bad-water`.
 */
export function predictMixture(
  parts: readonly MixturePart[],
  { water = 0, observations = [] }: MixtureOptions = {},
): Result<MixturePrediction> {
  if (!Number.isFinite(water) || water < 0) return fail('bad-water', 'Parts of water are a number from 0 upward.')
  const mixed = mixOptics(parts)
  if (!mixed.ok) return mixed
  const { shares, ...optics } = mixed.value
  const correction = correctionFor(parts, observations)
  const at = (w: number) => colourAt(optics, w, correction)
  const [masstone, wash, asked] = [at(0).lab, at(WASH_WATER).lab, at(water)]
  const ramp = rampOf(optics).map(({ water: w }) => ({ water: w, lab: at(w).lab }))
  const [dark, light] = [toLch(masstone), toLch(wash)]
  const lean = leanOf({ masstone, wash })
  return ok({
    shares,
    optics,
    masstone,
    wash,
    ...asked,
    reflectance: reflectanceAt(optics, asked.load),
    ramp,
    ...(lean ? { lean } : {}),
    value: { darkest: masstone.L, wash: wash.L },
    chroma: { masstone: dark.C, wash: light.C },
    transparency: transparencyOf(optics),
    expected: expectedAt(water, parts, shares, correction),
    correctedBy: correction?.count ?? 0,
  })
}

function colourAt(optics: Optics, water: number, correction: Correction | undefined) {
  const load = loadAt(optics, water)
  const lab = labOfReflectance(reflectanceAt(optics, load))
  return { load, lab: correction ? correctedAt(correction, lab, load, optics.washLoad) : lab }
}

/** Only the colours of a mixture, at several waters: as `predictMixture` has them, for many mixtures at once. Errors: as there. */
export function mixtureColours(
  parts: readonly MixturePart[],
  waters: readonly number[],
  observations: readonly Observation[] = [],
): Result<LabD65[]> {
  if (waters.some((w) => !Number.isFinite(w) || w < 0))
    return fail('bad-water', 'Parts of water are a number from 0 upward.')
  const mixed = mixOptics(parts)
  if (!mixed.ok) return mixed
  const correction = correctionFor(parts, observations)
  return ok(waters.map((w) => colourAt(mixed.value, w, correction).lab))
}

/** What optics bring of which nothing is said. */
const UNSAID = fromBothSwatches(3)

/**
 * How far a prediction may be off at some water. A paint weighs by what it does there, not by its parts alone: one
 * part of a strong paint that is only guessed at rules eight of a weak one that was measured.
 */
function expectedAt(
  water: number,
  parts: readonly MixturePart[],
  shares: readonly number[],
  correction?: Correction,
): Spread {
  const isSingle = shares.filter((s) => s > 0.999).length === 1
  const effects = parts.map(({ optics }, i) => shares[i]! * strengthOf(optics.K))
  const all = effects.reduce((sum, e) => sum + e, 0) || 1
  const weights = effects.map((e, i) => Math.sqrt((e / all + shares[i]!) / 2))
  const total = weights.reduce((sum, w) => sum + w, 0)
  const spreads = parts.map(({ optics }) => {
    const error = optics.expectedError ?? UNSAID
    return spreadAt(isSingle ? error.alone : error.mixed, water)
  })
  const mean = (pick: (s: Spread) => number) =>
    Math.sqrt(spreads.reduce((sum, s, i) => sum + (weights[i]! / total) * pick(s) ** 2, 0))
  const left = correction ? 1 - LEARNED * weightAt(correction, water) : 1
  return { median: left * mean((s) => s.median), most: left * mean((s) => s.most) }
}

/** A note that counts fully takes this share of the error away (judgement). */
const LEARNED = 0.6
