import type { LabD65 } from '../units'
import { toLch } from './lch'

export const HUE_FAMILIES = ['yellow', 'orange', 'red', 'violet', 'blue', 'green', 'earth', 'neutral', 'white'] as const
/** The painter's families: six on the wheel, then earths, greys and blacks, and whites. */
export type HueFamily = (typeof HUE_FAMILIES)[number]
export type WheelFamily = Exclude<HueFamily, 'earth' | 'neutral' | 'white'>

interface Sector {
  family: WheelFamily
  /** First hue angle, degrees h_ab (D65); the sector runs to the next one's start. */
  from: number
  /** Where painters put the middle of the family: neither warm nor cool. */
  middle: number
}

/**
 * Sectors of the CIELAB hue circle as painters name them: judgement, no source. CIELAB bends blue
 * toward violet (sRGB blue lies at 306 degrees), hence a blue sector that reaches 303.
 */
export const SECTORS: readonly Sector[] = [
  { family: 'red', from: 350, middle: 25 },
  { family: 'orange', from: 46, middle: 58 },
  { family: 'yellow', from: 70, middle: 88 },
  { family: 'green', from: 108, middle: 160 },
  { family: 'blue', from: 205, middle: 268 },
  { family: 'violet', from: 303, middle: 325 },
]

export function sectorOf(h: number): Sector {
  const sorted = SECTORS.filter((s) => s.from < 350)
  const found = [...sorted].reverse().find((s) => h >= s.from)
  return h >= 350 || !found ? SECTORS[0]! : found
}

export interface Swatches {
  masstone?: LabD65
  wash?: LabD65
}

/**
 * The swatch that shows a paint's hue best. A dark transparent masstone looks nearly black, so the
 * wash speaks for it; otherwise the masstone does.
 */
export function tellingSwatch({ masstone, wash }: Swatches): LabD65 | undefined {
  if (!masstone) return wash
  if (!wash) return masstone
  return toLch(wash).C > toLch(masstone).C || (masstone.L < 30 && toLch(wash).C >= 8) ? wash : masstone
}

/** Hue family of a paint from its swatches, or undefined when none is recorded. Judgement; see SECTORS. */
export function familyOf(swatches: Swatches): HueFamily | undefined {
  const telling = tellingSwatch(swatches)
  if (!telling) return undefined
  const dark = swatches.masstone ?? telling
  const { C, h } = toLch(telling)
  const masstone = toLch(dark)
  if (dark.L >= 88 && masstone.C < 14) return 'white'
  if (C < 9) return 'neutral'
  if (C < 14 && masstone.C < 10 && dark.L < 45) return 'neutral'
  if (isEarth(masstone.L, masstone.C, masstone.h)) return 'earth'
  return sectorOf(h).family
}

/** Browns and ochres: hues from red to yellow, too dull for their lightness to count as a colour of the wheel. */
function isEarth(L: number, C: number, h: number): boolean {
  if (h < 30 || h > 104) return false
  const bright = h > 70 ? 62 : 54
  return C < bright && L < 78 && C < 30 + Math.max(0, L) * 0.55
}
