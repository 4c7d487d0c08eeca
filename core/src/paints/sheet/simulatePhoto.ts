import { encodeSrgb } from '../../colour/transfer'
import { PAPER } from '../../film/sheet'
import { fail, ok, type Result } from '../../result'
import type { LabD65 } from '../../units'
import { gaussian } from '../colourReader'
import { gridToImage, type Corners } from './perspective'
import type { Pixels } from './readPatch'

/** How a made-up photograph departs from a perfect scan. */
export interface SheetConditions {
  /** Noise of the camera, one standard deviation in linear light at the paper, 0..0.2. */
  noise?: number
  /** A telephone's tone curve: how much contrast is added in the middle, 0..0.4. */
  tone?: number
  /** Tilt of the camera: how much the far edge shrinks, 0..0.4. */
  tilt?: number
  /** Fall of the light across the sheet, 0..0.7. */
  uneven?: number
  /** Colour of the light, linear gains of red, green, blue. */
  light?: readonly [number, number, number]
  /** Level of the paper in linear light, 0..1; above 1 it clips. */
  exposure?: number
  seed?: number
}

/** What is photographed: the four corners of a piece of paper in the picture, and what is seen at each point of it. */
export interface Photographed {
  width: number
  height: number
  corners: Corners
  /** Linear sRGB at a point of the paper, which is the unit square; undefined for bare paper. Called outside it, too. */
  seen: (u: number, v: number) => readonly [number, number, number] | undefined
}

/** A piece of paper seen by a tilted camera: the far edge is narrower, the sides lean. */
export function tilted(
  { left, top, right, bottom }: { left: number; top: number; right: number; bottom: number },
  tilt: number,
): Corners {
  const narrowing = (tilt * (right - left)) / 2
  const height = bottom - top
  return [
    { x: left + narrowing, y: top },
    { x: right - narrowing * 0.7, y: top + height * tilt * 0.06 },
    { x: right, y: bottom },
    { x: left, y: bottom - height * tilt * 0.05 },
  ]
}

/** Steps of light that the camera tells apart. */
const STEPS = 16_383

/**
 * A made-up photograph. Colours outside sRGB are clipped, as a camera would. Deterministic for a seed.
 * Errors: `corners-crossed` for corners that make no sheet.
 */
export function simulatePhoto(
  { width, height, corners, seen }: Photographed,
  conditions: SheetConditions,
): Result<Pixels> {
  const { noise = 0, tone = 0, uneven = 0, light = [1, 1, 1], exposure = 0.82, seed = 1 } = conditions
  const back = imageToGrid(corners)
  if (!back) return fail('corners-crossed', 'The made-up sheet is tilted too far.')
  const gauss = gaussian(seed)
  const data = new Uint8ClampedArray(width * height * 4)
  // the camera's own curve, looked up
  const shown = Float64Array.from({ length: STEPS + 1 }, (_, i) =>
    Math.round(curved(255 * encodeSrgb(i / STEPS), tone)),
  )
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const [u, v] = back(x, y)
      const own = seen(u, v)
      const fall = 1 - uneven * (0.6 * u + 0.4 * v) * 0.9
      const at = (y * width + x) * 4
      for (let c = 0; c < 3; c += 1) {
        const there = (own ? own[c]! / PAPER : 1) * exposure * fall * light[c]!
        const noisy = noise ? there + gauss() * noise : there
        data[at + c] = shown[Math.round(STEPS * Math.max(0, Math.min(1, noisy)))]!
      }
      data[at + 3] = 255
    }
  }
  return ok({ width, height, data })
}

/** L*a*b* (D65) to linear sRGB (IEC 61966-2-1), not below 0. */
export function linearOf({ L, a, b }: LabD65): [number, number, number] {
  const fy = (L + 16) / 116
  const inverse = (t: number) => (t ** 3 > 216 / 24389 ? t ** 3 : (116 * t - 16) / (24389 / 27))
  const [X, Y, Z] = [0.95047 * inverse(fy + a / 500), inverse(fy), 1.08897 * inverse(fy - b / 200)]
  const rgb = [
    3.2404542 * X - 1.5371385 * Y - 0.4985314 * Z,
    -0.969266 * X + 1.8760108 * Y + 0.041556 * Z,
    0.0556434 * X - 0.2040259 * Y + 1.0572252 * Z,
  ] as const
  return [Math.max(0, rgb[0]), Math.max(0, rgb[1]), Math.max(0, rgb[2])]
}
const curved = (byte: number, tone: number) =>
  byte - (255 * tone * Math.sin((2 * Math.PI * byte) / 255)) / (2 * Math.PI)

/** The grid point seen at a pixel: the inverse of the perspective, by its adjugate; outside the grid it lies outside 0..1. */
function imageToGrid(corners: Corners): ((x: number, y: number) => [number, number]) | undefined {
  const map = gridToImage(corners)
  if (!map.ok) return undefined
  // rebuild the matrix from four images of the map, then invert it
  const [o, i, j, d] = [map.value(0, 0), map.value(1, 0), map.value(0, 1), map.value(1, 1)]
  const [sx, sy] = [o.x - i.x + d.x - j.x, o.y - i.y + d.y - j.y]
  const det = (i.x - d.x) * (j.y - d.y) - (j.x - d.x) * (i.y - d.y)
  const g = (sx * (j.y - d.y) - (j.x - d.x) * sy) / det
  const h = ((i.x - d.x) * sy - sx * (i.y - d.y)) / det
  const m = [
    i.x - o.x + g * i.x,
    j.x - o.x + h * j.x,
    o.x,
    i.y - o.y + g * i.y,
    j.y - o.y + h * j.y,
    o.y,
    g,
    h,
    1,
  ] as const
  const adjugate = [
    m[4] * m[8] - m[5] * m[7],
    m[2] * m[7] - m[1] * m[8],
    m[1] * m[5] - m[2] * m[4],
    m[5] * m[6] - m[3] * m[8],
    m[0] * m[8] - m[2] * m[6],
    m[2] * m[3] - m[0] * m[5],
    m[3] * m[7] - m[4] * m[6],
    m[1] * m[6] - m[0] * m[7],
    m[0] * m[4] - m[1] * m[3],
  ] as const
  return (x, y) => {
    const w = adjugate[6] * x + adjugate[7] * y + adjugate[8]
    return [
      (adjugate[0] * x + adjugate[1] * y + adjugate[2]) / w,
      (adjugate[3] * x + adjugate[4] * y + adjugate[5]) / w,
    ]
  }
}
