import { fail, ok, type Result } from '../../result'
import { toTheEnd } from '../../steps'
import { fitPaperLight } from './paperLight'
import { gridToImage, type Corners, type GridToImage } from './perspective'
import {
  cautionsOf,
  lookAt,
  problemOfExposure,
  readPatch,
  type PaperLook,
  type Pixels,
  type ReadPatch,
} from './readPatch'

export interface SheetQuestion {
  image: Pixels
  /** Corners of the grid of swatches, outer edges, in pixels. */
  corners: Corners
  rows: number
  columns: number
  /** Share of a cell's width and height that is bare paper between swatches, 0.05..0.6; 0.2 unless said. */
  gap?: number
}

export interface SheetCell extends ReadPatch {
  row: number
  column: number
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
  const half = ((1 - gap) * 0.6) / 2
  for (let row = 0; row < rows; row += 1) {
    for (let column = 0; column < columns; column += 1) {
      const middle = { u: (column + 0.5) / columns, v: (row + 0.5) / rows }
      const patch = { ...middle, across: half / columns, down: half / rows }
      cells.push({ row, column, ...readPatch(image, map.value, paper.value.light, patch) })
    }
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

/** Paper is looked for along the lines between the cells and around the grid. */
function lookAtPaper(image: Pixels, map: GridToImage, rows: number, columns: number, gap: number): PaperLook[] {
  const samples: PaperLook[] = []
  const perLine = Math.max(24, Math.min(160, columns * 8))
  const look = (u: number, v: number) => samples.push(lookAt(image, map, u, v))
  const inset = gap * 0.18
  for (let r = 0; r <= rows; r += 1)
    for (let i = 0; i < perLine; i += 1)
      look((i + 0.5) / perLine, Math.max(inset / rows, Math.min(1 - inset / rows, r / rows)))
  for (let c = 0; c <= columns; c += 1)
    for (let i = 0; i < perLine; i += 1)
      look(Math.max(inset / columns, Math.min(1 - inset / columns, c / columns)), (i + 0.5) / perLine)
  return samples
}
