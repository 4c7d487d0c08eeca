import type { Spectrum } from '../colour/bands'
import { labOfReflectance, type Light } from '../colour/tristimulus'
import type { Transparency } from '../pigments/scales'
import type { LabD65 } from '../units'
import { loadOfWash } from './dilution'
import { filmOnPaper } from './kubelkaMunk'
import { BLACK_SHEET, type Sheet, WHITE_SHEET } from './sheet'

/** What a paint does to light, per unit load; load 1 is its masstone. */
export interface Optics {
  /** Absorption, 36 bands, 0 upward. */
  K: Spectrum
  /** Scattering, 36 bands, 0 upward. */
  S: Spectrum
  /** Load at which its wash lies, 0..1. */
  washLoad: number
  /** How much thicker than a watercolour its masstone is laid, 1 upward; 1 where nothing is said. */
  body?: number
  /** What one part of it does in a mixture, against what its film says; 1 where nothing is said. */
  perPart?: number
  /** What its swatches were painted on, and what it is shown on; bright white paper where nothing is said. */
  on?: Sheet
}

/** Load on the paper when a mixture is thinned with `water` parts to one of paint, 0 upward: 1 without water, its wash at 6. */
export const loadAt = ({ washLoad }: Pick<Optics, 'washLoad'>, water: number): number => loadOfWash(washLoad, water)

/** Measured reflectance of a paint or mixture on its paper, 36 bands, 0..1. */
export const reflectanceAt = ({ K, S, on = WHITE_SHEET }: Pick<Optics, 'K' | 'S' | 'on'>, load: number): Spectrum =>
  filmOnPaper(K, S, load, on)

/** Colour of a paint or mixture on its paper at a load, by daylight or by a lamp. */
export const colourAt = (optics: Pick<Optics, 'K' | 'S' | 'on'>, load: number, light?: Light): LabD65 =>
  labOfReflectance(reflectanceAt(optics, load), light)

/** Colour at masstone and thinned to a wash. */
export const masstoneOf = (optics: Optics) => colourAt(optics, 1)
export const washOf = (optics: Optics) => colourAt(optics, optics.washLoad)

/** Colour over a black line, at masstone: what the paint covers. */
export function overBlack({ K, S }: Pick<Optics, 'K' | 'S'>, load = 1): LabD65 {
  return labOfReflectance(filmOnPaper(K, S, load, BLACK_SHEET))
}

/** Colours from masstone to nearly bare paper, with the water of each; what a swatch is drawn from. */
export function rampOf(
  optics: Optics,
  waters: readonly number[] = [0, 0.5, 1, 2, 4, 6, 10, 18],
): { water: number; lab: LabD65 }[] {
  return waters.map((water) => ({ water, lab: colourAt(optics, loadAt(optics, water)) }))
}

/** How well a film covers, by its scattering at 550 nm and masstone (judgement; the classes of the reference, borders half way). */
export function transparencyOf({ S }: Pick<Optics, 'S'>): Transparency {
  const s = S[17]!
  return s < 0.07 ? 'transparent' : s < 0.19 ? 'semi-transparent' : s < 0.42 ? 'semi-opaque' : 'opaque'
}
