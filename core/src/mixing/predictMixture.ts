import { leanOf, type Lean } from '../colour/lean'
import { toLch } from '../colour/lch'
import { labOfReflectance } from '../colour/tristimulus'
import type { Spectrum } from '../colour/bands'
import { fail, ok, type Result } from '../result'
import type { LabD65 } from '../units'
import { correctionFor, correctedAt, isSound, weightAt, type Correction, type Observation } from './observations'
import { loadAt, rampOf, reflectanceAt, transparencyOf, type Optics } from '../film/optics'
import { WASH_WATER } from '../film/dilution'
import { errorOfMixture, type DoubtedOptics, type ErrorEllipse } from './mixtureError'
import { mixOptics } from './mixOptics'

export interface MixturePart {
  optics: DoubtedOptics
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
  expected: ErrorEllipse
  /** How many own notes corrected it. */
  correctedBy: number
}

const BAD_NOTE = 'A note of a mixture holds what is no colour, or no number of parts.'

/**
 * What paints mixed in parts look like on white paper, from masstone to wash: two-constant
 * Kubelka-Munk at finite load (see film.ts). Parts are free of scale, the order does not matter,
 * a paint mixed with itself stays itself.
 *
 * Errors: `no-paint`, `bad-parts`, `bad-optics`, `bad-water`, `bad-observation`.
 */
export function predictMixture(
  parts: readonly MixturePart[],
  { water = 0, observations = [] }: MixtureOptions = {},
): Result<MixturePrediction> {
  if (!Number.isFinite(water) || water < 0) return fail('bad-water', 'Parts of water are a number from 0 upward.')
  if (!observations.every(isSound)) return fail('bad-observation', BAD_NOTE)
  const mixed = mixOptics(parts)
  if (!mixed.ok) return mixed
  const { shares, ...optics } = mixed.value
  const correction = correctionFor(parts, observations)
  const at = (w: number) => colourAt(optics, w, correction)
  const [masstone, wash, asked] = [at(0).lab, at(WASH_WATER).lab, at(water)]
  const ramp = rampOf(optics).map(({ water: w }) => ({ water: w, lab: at(w).lab }))
  const [dark, light] = [toLch(masstone), toLch(wash)]
  const lean = leanOf({ masstone, wash })
  let expected: ErrorEllipse | undefined
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
    // many want the colour only, and this takes longer than all the rest
    get expected() {
      return (expected ??= narrowedBy(errorOfMixture(parts, water, asked.lab), water, correction))
    },
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
  if (!observations.every(isSound)) return fail('bad-observation', BAD_NOTE)
  const mixed = mixOptics(parts)
  if (!mixed.ok) return mixed
  const correction = correctionFor(parts, observations)
  return ok(waters.map((w) => colourAt(mixed.value, w, correction).lab))
}

/** What own notes of such mixtures take away of an error. */
function narrowedBy(error: ErrorEllipse, water: number, correction: Correction | undefined): ErrorEllipse {
  const left = correction ? 1 - LEARNED * weightAt(correction, water) : 1
  const { median, most, covariance } = error
  return { median: left * median, most: left * most, covariance: covariance.map((c) => left * left * c) }
}

/** A note that counts fully takes this share of the error away (judgement). */
export const LEARNED = 0.6
