import { labD65, type LabD65 } from '../units'
import { BANDS } from './bands'
import { X_WEIGHTS, X_WEIGHTS_A, Y_WEIGHTS, Y_WEIGHTS_A, Z_WEIGHTS, Z_WEIGHTS_A } from './observer.generated'

/** Tristimulus values, 2 degree observer, Y = 100 for a perfect white. */
export interface Xyz {
  X: number
  Y: number
  Z: number
}

/** Lights under which a colour is looked at: D65, or an evening lamp (illuminant A, 2856 K). */
export const LIGHTS = ['daylight', 'lamp'] as const
export type Light = (typeof LIGHTS)[number]

interface Weights {
  x: Float64Array
  y: Float64Array
  z: Float64Array
}
const weightsOf = (x: readonly number[], y: readonly number[], z: readonly number[]): Weights => ({
  x: Float64Array.from(x),
  y: Float64Array.from(y),
  z: Float64Array.from(z),
})
const WEIGHTS: Readonly<Record<Light, Weights>> = {
  daylight: weightsOf(X_WEIGHTS, Y_WEIGHTS, Z_WEIGHTS),
  lamp: weightsOf(X_WEIGHTS_A, Y_WEIGHTS_A, Z_WEIGHTS_A),
}
const sum = (weights: Float64Array) => weights.reduce((s, w) => s + w, 0)
const whiteOf = ({ x, y, z }: Weights): Xyz => ({ X: sum(x), Y: sum(y), Z: sum(z) })

/** The perfect white of our own weights: XYZ 95.047, 100, 108.897 (CIE 15:2018). */
export const WHITE_D65: Xyz = whiteOf(WEIGHTS.daylight)
const WHITES: Readonly<Record<Light, Xyz>> = { daylight: WHITE_D65, lamp: whiteOf(WEIGHTS.lamp) }

/** XYZ of a reflectance of 36 bands, each 0..1 (CIE 15:2018, eq. 7.1, summed over bands). */
export function xyzOfReflectance(reflectance: ArrayLike<number>, light: Light = 'daylight'): Xyz {
  const { x, y, z } = WEIGHTS[light]
  let [X, Y, Z] = [0, 0, 0]
  for (let i = 0; i < BANDS; i += 1) {
    const r = reflectance[i]!
    X += x[i]! * r
    Y += y[i]! * r
    Z += z[i]! * r
  }
  return { X, Y, Z }
}

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27
const f = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
const fInverse = (t: number) => (t ** 3 > EPSILON ? t ** 3 : (116 * t - 16) / KAPPA)

/** XYZ to CIELAB against a white, D65 where nothing is said (CIE 15:2018, eq. 8.3-8.8). */
export function labOfXyz({ X, Y, Z }: Xyz, white: Xyz = WHITE_D65): LabD65 {
  const [fx, fy, fz] = [f(X / white.X), f(Y / white.Y), f(Z / white.Z)]
  return labD65(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz))
}
/** CIELAB to XYZ under D65. */
export function xyzOfLab({ L, a, b }: LabD65): Xyz {
  const fy = (L + 16) / 116
  const { X, Y, Z } = WHITE_D65
  return { X: X * fInverse(fy + a / 500), Y: Y * fInverse(fy), Z: Z * fInverse(fy - b / 200) }
}

/**
 * CIELAB, 2 degree, of a reflectance of 36 bands: under D65, or under a lamp against the lamp's own white, as an eye
 * sees it that has grown used to the lamp.
 */
export const labOfReflectance = (reflectance: ArrayLike<number>, light: Light = 'daylight'): LabD65 =>
  labOfXyz(xyzOfReflectance(reflectance, light), WHITES[light])
