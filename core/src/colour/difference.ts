import type { LabD65 } from '../units'
import { ciede2000 } from './ciede2000'

/**
 * CIEDE2000 colour difference (CIE 142:2001; Sharma, Wu, Dalal 2005, Color Res. Appl. 30, 21-30,
 * doi 10.1002/col.20070), kL = kC = kH = 1, both colours under D65. Dimensionless, 0 upward.
 */
export function colourDifference(one: LabD65, other: LabD65): number {
  return ciede2000(one.L, one.a, one.b, other.L, other.a, other.b)
}

/** A difference in words, for swatches side by side in daylight (common practice, no source). */
export function differenceInWords(difference: number): string {
  if (difference < 1) return 'hardly visible'
  if (difference < 2) return 'just visible'
  if (difference < 5) return 'visible'
  if (difference < 10) return 'clear'
  if (difference < 25) return 'large'
  return 'a different colour'
}
