import type { LabD65 } from '../units'

/** What a difference dL*, da*, db* counts for along one axis. */
export type Axis = readonly [L: number, a: number, b: number]

/**
 * Lightness, chroma and hue around a colour in units of CIEDE2000: near it the root of the sum of their squares is about
 * the difference (the weighting functions SL, SC and SH of Sharma, Wu and Dalal 2005, without the turn between blues).
 */
export function axesAt({ L, a, b }: LabD65): readonly [lightness: Axis, chroma: Axis, hue: Axis] {
  const C = Math.hypot(a, b)
  const l50 = (L - 50) ** 2
  const SL = 1 + (0.015 * l50) / Math.sqrt(20 + l50)
  const SC = 1 + 0.045 * C
  const SH = 1 + 0.015 * C
  const [ca, cb] = C < 1 ? [1, 0] : [a / C, b / C]
  return [
    [1 / SL, 0, 0],
    [0, ca / SC, cb / SC],
    [0, -cb / SH, ca / SH],
  ]
}
