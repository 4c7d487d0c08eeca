import { colourDifference } from '../../colour/difference'
import { decodeSrgb } from '../../colour/transfer'
import { labOfXyz } from '../../colour/tristimulus'
import { PAPER } from '../../film/sheet'
import { fail } from '../../result'
import { labD65, type LabD65 } from '../../units'
import type { PaperLight, PaperSample } from './paperLight'
import type { GridToImage } from './perspective'

/** Pixels as a canvas gives them: sRGB, four bytes each, row by row. */
export interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray | Uint8Array
}

/** What was read of one painted box. */
export interface ReadPatch {
  lab: LabD65
  /** Doubt of the colour, one standard deviation, CIEDE2000; the trust that a swatch saved from it gets. */
  sd: number
  confidence: 'good' | 'fair' | 'poor'
  /** What lowers the confidence, in words. */
  remarks: string[]
  /** Hardly any paint: likely an empty cell. */
  empty: boolean
}
/** Where to read: the middle, and how far it goes to each side, in the unit square of the sheet. */
export interface Patch {
  u: number
  v: number
  across: number
  down: number
}

/** sRGB byte to linear light, 0..1. */
export const LINEAR: Float64Array = Float64Array.from({ length: 256 }, (_, i) => decodeSrgb(i / 255))
export type Rgb = [number, number, number]
export function pixel({ width, height, data }: Pixels, x: number, y: number): Rgb {
  const i =
    (Math.max(0, Math.min(height - 1, Math.round(y))) * width + Math.max(0, Math.min(width - 1, Math.round(x)))) * 4
  return [data[i]!, data[i + 1]!, data[i + 2]!]
}

/** A look at what should be bare paper. */
export interface PaperLook extends PaperSample {
  clipped: boolean
}

/** The mean of nine pixels around a point of the sheet. */
export function lookAt(image: Pixels, map: GridToImage, u: number, v: number, decode = LINEAR): PaperLook {
  const { x, y } = map(u, v)
  const around = [-1, 0, 1].flatMap((dy) => [-1, 0, 1].map((dx) => pixel(image, x + dx, y + dy)))
  const rgb = [0, 1, 2].map((c) => around.reduce((s, p) => s + decode[p[c]!]!, 0) / 9) as Rgb
  return { u, v, rgb, clipped: around.filter((p) => Math.max(...p) >= 254).length > 3 }
}

/** Why the light of a photograph cannot be told. Errors: `over-exposed`, `too-dark`. */
export function problemOfExposure(samples: readonly PaperLook[]): ReturnType<typeof fail> | undefined {
  const clipped = samples.filter((s) => s.clipped).length / samples.length
  if (clipped > 0.08)
    return fail(
      'over-exposed',
      'The paper is over-exposed: it is pure white in places, so its light cannot be told. Photograph again a little darker.',
    )
  const bright = samples.map(({ rgb }) => Math.max(...rgb)).sort((p, q) => p - q)
  if (bright[Math.floor(bright.length * 0.75)]! < 0.06)
    return fail(
      'too-dark',
      'The photograph is too dark: even the paper is nearly black. Photograph again in more light.',
    )
  return undefined
}

/** Linear sRGB relative to the paper, to XYZ relative to a perfect white (IEC 61966-2-1), times the paper's own reflectance. */
function labOfRatio([r, g, b]: Rgb): LabD65 {
  const k = 100 * PAPER
  return labOfXyz({
    X: k * (0.4124564 * r + 0.3575761 * g + 0.1804375 * b),
    Y: k * (0.2126729 * r + 0.7151522 * g + 0.072175 * b),
    Z: k * (0.0193339 * r + 0.119192 * g + 0.9503041 * b),
  })
}

/** What bare paper looks like. */
export const BARE = labOfRatio([1, 1, 1])
/** Swatches this near to bare paper count as none. */
const EMPTY_BELOW = 2.5

/** A patch as its light beside the paper's, so many looks across and down, and how many hit the end of a channel. */
function looksAt(
  image: Pixels,
  map: GridToImage,
  light: PaperLight,
  patch: Patch,
  decode: Float64Array,
  count: number,
) {
  const ratios: Rgb[] = []
  let clipped = 0
  for (let j = 0; j < count; j += 1) {
    for (let i = 0; i < count; i += 1) {
      const u = patch.u + patch.across * ((2 * (i + 0.5)) / count - 1)
      const v = patch.v + patch.down * ((2 * (j + 0.5)) / count - 1)
      const { x, y } = map(u, v)
      const rgb = pixel(image, x, y)
      const paper = light(u, v)
      if (Math.min(...rgb) <= 1) clipped += 1
      ratios.push([decode[rgb[0]]! / paper[0], decode[rgb[1]]! / paper[1], decode[rgb[2]]! / paper[2]])
    }
  }
  return { ratios, clipped }
}

/** Only the mean colour of a patch, from a few looks: for trying many decodings. */
export function glanceAt(
  image: Pixels,
  map: GridToImage,
  light: PaperLight,
  patch: Patch,
  decode: Float64Array,
): LabD65 {
  const { ratios } = looksAt(image, map, light, patch, decode, 7)
  return labOfRatio([0, 1, 2].map((c) => ratios.reduce((s, r) => s + r[c]!, 0) / ratios.length) as Rgb)
}

/** Reads the middle of a painted box: the trimmed mean of its linear light, divided by the paper's there. */
export function readPatch(
  image: Pixels,
  map: GridToImage,
  light: PaperLight,
  patch: Patch,
  decode = LINEAR,
): ReadPatch {
  const count = 26
  const { ratios, clipped } = looksAt(image, map, light, patch, decode, count)
  const mean = [0, 1, 2].map((c) => trimmedMean(ratios.map((r) => r[c]!))) as Rgb
  const lab = labOfRatio(mean)
  const spread = spreadOf(ratios, count, lab)
  const sd = Math.min(50, Math.hypot(CAMERA_SD, spread / 2))
  const remarks = [
    ...(spread > 5 ? ['uneven: a wash that runs, or the grid is off'] : []),
    ...(clipped / ratios.length > 0.3 ? ['a channel is at its end: outside what the camera shows'] : []),
    ...(lab.L < 12 ? ['very dark: shadow or gloss may mislead'] : []),
  ]
  return {
    lab: labD65(Math.min(100, lab.L), lab.a, lab.b),
    sd,
    confidence: spread > 12 ? 'poor' : remarks.length || spread > 3 ? 'fair' : 'good',
    remarks,
    empty: colourDifference(lab, BARE) < EMPTY_BELOW,
  }
}

/** Doubt of a cell's colour that no repetition takes away: camera, light, encoding (judgement). */
const CAMERA_SD = 1.2
const BLOCKS = 6

/** How far the means of blocks of a cell lie from its colour, CIEDE2000, two thirds of them: grain and camera noise level out, a running wash does not. */
function spreadOf(ratios: readonly Rgb[], count: number, lab: LabD65): number {
  const sums = Array.from({ length: BLOCKS * BLOCKS }, () => [0, 0, 0, 0])
  ratios.forEach((rgb, i) => {
    const block =
      Math.floor(((i % count) * BLOCKS) / count) + BLOCKS * Math.floor((Math.floor(i / count) * BLOCKS) / count)
    const sum = sums[block]!
    for (const c of [0, 1, 2] as const) sum[c]! += rgb[c]
    sum[3]! += 1
  })
  const off = sums
    .map(([r, g, b, n]) => colourDifference(labOfRatio([r! / n!, g! / n!, b! / n!]), lab))
    .sort((p, q) => p - q)
  return off[Math.floor(off.length * 0.68)]!
}

/** Mean without the highest and lowest fifth. */
function trimmedMean(values: number[]): number {
  const sorted = values.sort((p, q) => p - q)
  const cut = Math.floor(sorted.length * 0.2)
  const kept = sorted.slice(cut, sorted.length - cut)
  return kept.reduce((s, v) => s + v, 0) / kept.length
}

/** What to know about the light of a photograph. */
export function cautionsOf(light: PaperLight, agreeing: number): string[] {
  const [r, , b] = light(0.5, 0.5)
  const corners = [light(0, 0), light(1, 0), light(1, 1), light(0, 1)].map((c) => c[1])
  return [
    ...(r / b > 1.9
      ? ['The light is warm, like that of a lamp: colours may be off by 3 to 5. Daylight is better.']
      : []),
    ...(b / r > 1.9 ? ['The light is very blue, like deep shade: colours may be off. Open daylight is better.'] : []),
    ...(Math.max(...corners) / Math.min(...corners) > 2.5
      ? ['The light is very uneven over the sheet; it was evened out as far as it goes.']
      : []),
    ...(agreeing < 0.75 ? ['Much of the paper is covered or shaded; look at the preview with care.'] : []),
  ]
}
