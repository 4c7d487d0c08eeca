import { labD65, type LabD65 } from '../units'
import { BANDS } from './bands'
import { X_WEIGHTS, Y_WEIGHTS, Z_WEIGHTS } from './observer.generated'

/** Tristimulus values under D65, 2 degree observer, Y = 100 for a perfect white. */
export interface Xyz {
  X: number
  Y: number
  Z: number
}

const WX = Float64Array.from(X_WEIGHTS)
const WY = Float64Array.from(Y_WEIGHTS)
const WZ = Float64Array.from(Z_WEIGHTS)
const sum = (weights: Float64Array) => weights.reduce((s, w) => s + w, 0)

/** The perfect white of our own weights: XYZ 95.047, 100, 108.897 (CIE 15:2018). */
export const WHITE_D65: Xyz = { X: sum(WX), Y: sum(WY), Z: sum(WZ) }

/** XYZ of a reflectance of 36 bands, each 0..1 (CIE 15:2018, eq. 7.1, summed over bands). */
export function xyzOfReflectance(reflectance: ArrayLike<number>): Xyz {
  let [X, Y, Z] = [0, 0, 0]
  for (let i = 0; i < BANDS; i += 1) {
    const r = reflectance[i]!
    X += WX[i]! * r
    Y += WY[i]! * r
    Z += WZ[i]! * r
  }
  return { X, Y, Z }
}

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27
const f = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)

/** XYZ to CIELAB under D65 (CIE 15:2018, eq. 8.3-8.8). */
export function labOfXyz({ X, Y, Z }: Xyz): LabD65 {
  const [fx, fy, fz] = [f(X / WHITE_D65.X), f(Y / WHITE_D65.Y), f(Z / WHITE_D65.Z)]
  return labD65(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz))
}

/** CIELAB under D65, 2 degree, of a reflectance of 36 bands. */
export const labOfReflectance = (reflectance: ArrayLike<number>): LabD65 => labOfXyz(xyzOfReflectance(reflectance))
