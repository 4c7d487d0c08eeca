import type { LabD65 } from '../units'
import { toLch } from './lch'
import { sectorOf, type HueFamily } from './wheel'

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
