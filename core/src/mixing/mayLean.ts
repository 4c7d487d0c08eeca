import { toLch } from '../colour/lch'
import { sectorOf, type WheelFamily } from '../colour/wheel'
import type { LabD65 } from '../units'

/** Above this chroma a mixture has a hue of its own, C* (judgement). */
const NEUTRAL = 8
/** A direction counts as open when the error along it is so many times that across it (judgement). */
const NARROW = 1.3

/**
 * Toward which two families a neutral may turn out to lean, as far as its error says: the longer axis of what is open of
 * a* and b*. Undefined for what has a hue of its own, is known better than its chroma, or is open in all directions alike.
 *
 * @param covariance of L*, a*, b*, by rows, as `ErrorEllipse` has it.
 */
export function mayLean(lab: LabD65, covariance: readonly number[]): readonly [WheelFamily, WheelFamily] | undefined {
  const { C } = toLch(lab)
  const [aa, ab, bb] = [covariance[4]!, covariance[5]!, covariance[8]!]
  const middle = (aa + bb) / 2
  const half = Math.hypot((aa - bb) / 2, ab)
  const [long, short] = [Math.sqrt(middle + half), Math.sqrt(Math.max(0, middle - half))]
  if (C > NEUTRAL || long < C / 2 || long < NARROW * short) return undefined
  const angle = (((Math.atan2(2 * ab, aa - bb) / 2) * 180) / Math.PI + 360) % 360
  return [sectorOf(angle).family, sectorOf((angle + 180) % 360).family]
}
