import { decodeSrgb } from '../../colour/transfer'
import { labOfXyz } from '../../colour/tristimulus'
import { colourDifference } from '../../colour/difference'
import { PAPER } from '../../film/kubelkaMunk'
import { fail, ok, type Result } from '../../result'
import { toTheEnd } from '../../steps'
import { labD65, type LabD65 } from '../../units'
import { fitPaperLight, type PaperLight, type PaperSample } from './paperLight'
import { gridToImage, type Corners, type GridToImage } from './perspective'

/** Pixels as a canvas gives them: sRGB, four bytes each, row by row. */
export interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray | Uint8Array
}

export interface SheetQuestion {
  image: Pixels
  /** Corners of the grid of swatches, outer edges, in pixels. */
  corners: Corners
  rows: number
  columns: number
  /** Share of a cell's width and height that is bare paper between swatches, 0.05..0.6; 0.2 unless said. */
  gap?: number
}

export interface SheetCell {
  row: number
  column: number
  lab: LabD65
  /** Doubt of the colour, one standard deviation, CIEDE2000; the trust that a swatch saved from it gets. */
  sd: number
  confidence: 'good' | 'fair' | 'poor'
  /** What lowers the confidence, in words. */
  remarks: string[]
  /** Hardly any paint: likely an empty cell. */
  empty: boolean
}

export interface SheetReading {
  cells: SheetCell[]
  /** What to know about the whole sheet. */ cautions: string[]
  /** Share of paper samples that agree, 0..1. */ paper: number
}
export interface SheetProgress {
  done: number
  of: number
}

/** sRGB byte to linear light, 0..1. */
const LINEAR = Float64Array.from({ length: 256 }, (_, i) => decodeSrgb(i / 255))
const SMALLEST_IMAGE = 300
const SMALLEST_CELL = 10

/**
 * Reads every cell of a photographed or scanned swatch sheet. Light and white come from the paper
 * between the swatches; each cell is the trimmed mean of its middle. Nothing is guessed in silence:
 * a photograph that cannot be read is refused with what to do. Yields after each row of cells;
 * `readSwatchSheet` runs it to the end.
 *
 * Errors: `not-an-image`, `image-too-small`, `bad-grid`, `corners-crossed`, `paper-out-of-view`,
 * `grid-does-not-fit`, `cells-too-small`, `over-exposed`, `too-dark`, `paper-not-found`.
 */
export function* readSwatchSheetInSteps(question: SheetQuestion): Generator<SheetProgress, Result<SheetReading>> {
  const { image, corners, rows, columns, gap = 0.2 } = question
  const problem = problemOf(question)
  if (problem) return problem
  const map = gridToImage(corners)
  if (!map.ok) return map
  const samples = lookAtPaper(image, map.value, rows, columns, gap)
  const exposure = problemOfExposure(samples)
  if (exposure) return exposure
  const paper = fitPaperLight(samples)
  if (!paper.ok) return paper
  yield { done: 0, of: rows }
  const cells: SheetCell[] = []
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1)
      cells.push(readCell(image, map.value, paper.value.light, { row, column, rows, columns, gap }))
    yield { done: row + 1, of: rows }
  }
  return ok({ cells, cautions: cautionsOf(paper.value.light, paper.value.agreeing), paper: paper.value.agreeing })
}

/** Reads a whole sheet at once: `readSwatchSheetInSteps` run to its end, with the same errors. */
export const readSwatchSheet = (question: SheetQuestion): Result<SheetReading> =>
  toTheEnd(readSwatchSheetInSteps(question))

function problemOf({ image, corners, rows, columns, gap = 0.2 }: SheetQuestion): ReturnType<typeof fail> | undefined {
  const { width, height, data } = image
  if (!(width > 0 && height > 0) || data.length !== width * height * 4)
    return fail('not-an-image', 'This is not a picture that can be read.')
  if (Math.min(width, height) < SMALLEST_IMAGE)
    return fail(
      'image-too-small',
      `The picture has ${width} x ${height} pixels; at least ${SMALLEST_IMAGE} each way are needed. Use the photograph itself, not a preview.`,
    )
  if (![rows, columns].every((n) => Number.isInteger(n) && n >= 1 && n <= 40))
    return fail('bad-grid', 'Rows and columns are whole numbers from 1 to 40.')
  if (!(gap >= 0.05 && gap <= 0.6))
    return fail('bad-grid', 'The gap between swatches lies between 5 and 60 per cent of a cell.')
  if (corners.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y)))
    return fail('bad-grid', 'Mark all four corners.')
  if (corners.some(({ x, y }) => x < 0 || y < 0 || x > width || y > height))
    return fail(
      'paper-out-of-view',
      'A corner of the grid lies outside the picture. Photograph the whole sheet with some paper around it.',
    )
  const side = (i: number, j: number) => Math.hypot(corners[i]!.x - corners[j]!.x, corners[i]!.y - corners[j]!.y)
  const across = (side(0, 1) + side(3, 2)) / 2 / columns
  const down = (side(0, 3) + side(1, 2)) / 2 / rows
  if (Math.min(across, down) < SMALLEST_CELL)
    return fail(
      'cells-too-small',
      `A cell has only ${Math.round(across)} x ${Math.round(down)} pixels; at least ${SMALLEST_CELL} each way are needed. Photograph from nearer, or in parts.`,
    )
  if (across / down > 4 || down / across > 4)
    return fail(
      'grid-does-not-fit',
      `Cells would be ${Math.round(across)} x ${Math.round(down)} pixels. Are rows and columns exchanged, or is the photograph turned by a quarter?`,
    )
  return undefined
}

type Rgb = [number, number, number]
function pixel({ width, height, data }: Pixels, x: number, y: number): Rgb {
  const i =
    (Math.max(0, Math.min(height - 1, Math.round(y))) * width + Math.max(0, Math.min(width - 1, Math.round(x)))) * 4
  return [data[i]!, data[i + 1]!, data[i + 2]!]
}

interface RawSample extends PaperSample {
  clipped: boolean
}

/** Paper is looked for along the lines between the cells and around the grid. */
function lookAtPaper(image: Pixels, map: GridToImage, rows: number, columns: number, gap: number): RawSample[] {
  const samples: RawSample[] = []
  const perLine = Math.max(24, Math.min(160, columns * 8))
  const look = (u: number, v: number) => {
    const { x, y } = map(u, v)
    const around = [-1, 0, 1].flatMap((dy) => [-1, 0, 1].map((dx) => pixel(image, x + dx, y + dy)))
    const mean = [0, 1, 2].map((c) => around.reduce((s, p) => s + LINEAR[p[c]!]!, 0) / 9) as Rgb
    samples.push({ u, v, rgb: mean, clipped: around.filter((p) => Math.max(...p) >= 254).length > 3 })
  }
  const inset = gap * 0.18
  for (let r = 0; r <= rows; r += 1)
    for (let i = 0; i < perLine; i += 1)
      look((i + 0.5) / perLine, Math.max(inset / rows, Math.min(1 - inset / rows, r / rows)))
  for (let c = 0; c <= columns; c += 1)
    for (let i = 0; i < perLine; i += 1)
      look(Math.max(inset / columns, Math.min(1 - inset / columns, c / columns)), (i + 0.5) / perLine)
  return samples
}

function problemOfExposure(samples: readonly RawSample[]): ReturnType<typeof fail> | undefined {
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

const BARE = labOfRatio([1, 1, 1])
/** Swatches this near to bare paper count as none. */
const EMPTY_BELOW = 2.5

function readCell(
  image: Pixels,
  map: GridToImage,
  light: PaperLight,
  { row, column, rows, columns, gap }: { row: number; column: number; rows: number; columns: number; gap: number },
): SheetCell {
  const half = ((1 - gap) * 0.6) / 2
  const count = 26
  const ratios: Rgb[] = []
  let clipped = 0
  for (let j = 0; j < count; j += 1) {
    for (let i = 0; i < count; i += 1) {
      const [u, v] = [
        (column + 0.5 + half * ((2 * (i + 0.5)) / count - 1)) / columns,
        (row + 0.5 + half * ((2 * (j + 0.5)) / count - 1)) / rows,
      ]
      const { x, y } = map(u, v)
      const rgb = pixel(image, x, y)
      const paper = light(u, v)
      if (Math.min(...rgb) <= 1) clipped += 1
      ratios.push([LINEAR[rgb[0]]! / paper[0], LINEAR[rgb[1]]! / paper[1], LINEAR[rgb[2]]! / paper[2]])
    }
  }
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
    row,
    column,
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

function cautionsOf(light: PaperLight, agreeing: number): string[] {
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
