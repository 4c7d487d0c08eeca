import { encodeSrgb } from '../../colour/transfer'
import { PAPER } from '../../film/kubelkaMunk'
import { fail, ok, type Result } from '../../result'
import type { LabD65 } from '../../units'
import { gaussian } from '../colourReader'
import { gridToImage, type Corners } from './perspective'
import type { Pixels } from './readSwatchSheet'

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

export interface SimulatedSheet {
  image: Pixels
  corners: Corners
  rows: number
  columns: number
  gap: number
}

/** XYZ (Y = 1 for white) to linear sRGB (IEC 61966-2-1). */
function linearOf({ L, a, b }: LabD65): [number, number, number] {
  const fy = (L + 16) / 116
  const inverse = (t: number) => (t ** 3 > 216 / 24389 ? t ** 3 : (116 * t - 16) / (24389 / 27))
  const [X, Y, Z] = [0.95047 * inverse(fy + a / 500), inverse(fy), 1.08897 * inverse(fy - b / 200)]
  return [
    3.2404542 * X - 1.5371385 * Y - 0.4985314 * Z,
    -0.969266 * X + 1.8760108 * Y + 0.041556 * Z,
    0.0556434 * X - 0.2040259 * Y + 1.0572252 * Z,
  ]
}
const curved = (byte: number, tone: number) =>
  byte - (255 * tone * Math.sin((2 * Math.PI * byte) / 255)) / (2 * Math.PI)

/**
 * A made-up photograph of a sheet of swatches on white paper, for trying the reader of sheets out and for
 * checking it against known truth. Colours outside sRGB are clipped, as a camera would. Deterministic for a seed.
 *
 * Errors: `corners-crossed` for a tilt beyond reason.
 */
export function simulateSheet(
  colours: readonly (LabD65 | undefined)[],
  columns: number,
  width: number,
  height: number,
  conditions: SheetConditions = {},
): Result<SimulatedSheet> {
  const { noise = 0, tone = 0, tilt = 0, uneven = 0, light = [1, 1, 1], exposure = 0.82, seed = 1 } = conditions
  const rows = Math.ceil(colours.length / columns)
  const gap = 0.22
  const margin = 0.09
  const [left, right, top, bottom] = [width * margin, width * (1 - margin), height * margin, height * (1 - margin)]
  const narrowing = (tilt * (right - left)) / 2
  const corners: Corners = [
    { x: left + narrowing, y: top },
    { x: right - narrowing * 0.7, y: top + height * tilt * 0.05 },
    { x: right, y: bottom },
    { x: left, y: bottom - height * tilt * 0.04 },
  ]
  const back = imageToGrid(corners)
  if (!back) return fail('corners-crossed', 'The made-up sheet is tilted too far.')
  const gauss = gaussian(seed)
  const painted = colours.map((c) => c && linearOf(c).map((v) => Math.max(0, v)))
  const data = new Uint8ClampedArray(width * height * 4)
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const [u, v] = back(x, y)
      const own =
        u < 1 && v < 1 && inCell(u * columns, v * rows, gap)
          ? painted[Math.floor(v * rows) * columns + Math.floor(u * columns)]
          : undefined
      const fall = 1 - uneven * (0.6 * u + 0.4 * v) * 0.9
      const at = (y * width + x) * 4
      for (let c = 0; c < 3; c += 1) {
        const seen = (own ? own[c]! / PAPER : 1) * exposure * fall * light[c]!
        data[at + c] = Math.round(
          curved(255 * encodeSrgb(Math.max(0, Math.min(1, seen + (noise ? gauss() * noise : 0)))), tone),
        )
      }
      data[at + 3] = 255
    }
  }
  return ok({ image: { width, height, data }, corners, rows, columns, gap })
}

function inCell(u: number, v: number, gap: number): boolean {
  if (u < 0 || v < 0) return false
  const [fu, fv] = [u - Math.floor(u), v - Math.floor(v)]
  return fu > gap / 2 && fu < 1 - gap / 2 && fv > gap / 2 && fv < 1 - gap / 2
}

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
