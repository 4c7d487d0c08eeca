import type { LabD65 } from '../units'

export interface Lch {
  L: number
  /** C*ab, 0 upward. */
  C: number
  /** h_ab in degrees, 0 <= h < 360. */
  h: number
}

/** Lightness, chroma and hue angle of a CIELAB colour (CIE 15:2018, eq. 8.9-8.12). Hue of a grey is 0. */
export function toLch({ L, a, b }: LabD65): Lch {
  const C = Math.hypot(a, b)
  const h = C === 0 ? 0 : (Math.atan2(b, a) * 180) / Math.PI
  return { L, C, h: h < 0 ? (h + 360) % 360 : h }
}

/** Signed way round the circle from one hue to another, in degrees, -180 < d <= 180. */
export function hueStep(from: number, to: number): number {
  const d = (((to - from) % 360) + 360) % 360
  return d > 180 ? d - 360 : d
}
