import type { Paint } from '../documents/paint'
import { fail, ok, type Result } from '../result'
import { heightOf, lettered, stacked } from './lettering'
import type { Filling, Laid, Mark } from './marks'
import { addBox, pitchOf, problemOfBox, SMALLEST_BOX, type Drawer } from './boxes'
import { OVERLAP, type Room } from './onPaper'

export interface ChartQuestion extends Drawer {
  paints: readonly Paint[]
  /** Side of a painted box, mm. */
  box: number
  /** Parts of water to one of paint: of pure colours and mixtures, and of the tints on the other side. */
  water: number
  tintWater: number
  /** As large as one sheet takes, rather than spread over several. */
  onOne?: boolean
}

export const FEWEST_PAINTS = 2
export const MOST_PAINTS = 36
/** Headings: names to the left and above. */
const LEFT = 22
const TOP = 13

/** Cells of a chart: pure colours along both edges and the diagonal, mixtures above it, tints of them below. */
export type ChartCell = { row: number; column: number; kind: 'pure' | 'mixture' | 'tint'; filling: Filling }

/**
 * What goes into each cell of a chart of so many paints, row by row; row and column 0 are the edges, their corner is blank.
 */
export function chartCells(paints: readonly { id: string }[], water: number, tintWater: number): ChartCell[] {
  const cells: ChartCell[] = []
  for (let row = 0; row <= paints.length; row += 1)
    for (let column = 0; column <= paints.length; column += 1) {
      const [one, other] = [paints[row - 1], paints[column - 1]]
      if (!one && !other) continue
      if (!one || !other || row === column)
        cells.push({
          row,
          column,
          kind: 'pure',
          filling: { parts: [{ paintId: (one ?? other)!.id, parts: 1 }], water },
        })
      else {
        const parts = [
          { paintId: one.id, parts: 1 },
          { paintId: other.id, parts: 1 },
        ]
        const isTint = row > column
        cells.push({
          row,
          column,
          kind: isTint ? 'tint' : 'mixture',
          filling: { parts, water: isTint ? tintWater : water },
        })
      }
    }
  return cells
}

/**
 * A mixing chart: every paint with every other, spread over as many sheets as it takes by whole boxes, names on every one;
 * boxes a little smaller than asked where that takes fewer sheets, or as small as one sheet asks.
 *
 * Errors: `too-few` (one paint or none), `too-many` (above 36), `bad-box` (8 to 60 mm), `too-small` (no box fits the sheet).
 */
export function layChart(question: ChartQuestion, room: Room): Result<Laid[]> {
  const { paints, box } = question
  if (paints.length < FEWEST_PAINTS) return fail('too-few', 'A chart of mixtures takes two paints or more.')
  if (paints.length > MOST_PAINTS) return fail('too-many', `A chart takes up to ${MOST_PAINTS} paints.`)
  const problem = problemOfBox(box)
  if (problem) return problem
  const side = paints.length + 1
  const tiling = tilingOf(side, box, room, question.onOne === true)
  if (!tiling)
    return fail(
      'too-small',
      question.onOne
        ? `One sheet takes no chart of ${paints.length} paints: its boxes would be smaller than ${SMALLEST_BOX} mm.`
        : `The sheet takes no box of ${box} mm beside the names.`,
    )
  const { across, down } = tiling
  const cells = chartCells(paints, question.water, question.tintWater)
  const asked = { ...question, box: tiling.box }
  const pitch = pitchOf(tiling.box)
  const sheets = down.flatMap((rows) => across.map((columns) => sheetOf(cells, rows, columns, side, pitch, asked)))
  const said = [
    ...(sheets.length > 1 ? [`${sheets.length} sheets: cut along the dashed lines and tape them.`] : []),
    ...(tiling.box < box
      ? [
          `Boxes of ${tiling.box} mm rather than ${box}: so ${sheets.length === 1 ? 'one sheet does' : `${sheets.length} sheets do`}.`,
        ]
      : []),
  ]
  return ok(sheets.map((sheet) => ({ ...sheet, said })))
}

/** Boxes may be so much smaller than asked where that spares sheets, share (judgement). */
const NEARLY = 0.85

interface Tiling {
  box: number
  across: Band[]
  down: Band[]
}
/** The fewest sheets with boxes nearly as large as asked, and of these the largest boxes; on one sheet whatever size fits. */
function tilingOf(side: number, asked: number, room: Room, onOne: boolean): Tiling | undefined {
  const least = onOne ? SMALLEST_BOX : Math.max(SMALLEST_BOX, NEARLY * asked)
  let best: Tiling | undefined
  const count = ({ across, down }: Tiling) => across.length * down.length
  for (let box = asked; box >= least - 1e-9; box = Math.round((box - 0.5) * 10) / 10) {
    const pitch = pitchOf(box)
    const across = bands(side, room.width - LEFT, pitch)
    const down = bands(side, room.height - TOP, pitch)
    if (!across || !down || (onOne && across.length * down.length > 1)) continue
    const tiling = { box, across, down }
    if (!best || count(tiling) < count(best)) best = tiling
  }
  return best
}

interface Band {
  from: number
  to: number
}
/** Whole boxes for each sheet, as even as they go; where there are several, room is left for the flap. */
function bands(count: number, room: number, pitch: number): Band[] | undefined {
  if (count * pitch <= room) return [{ from: 0, to: count }]
  const most = Math.floor((room - OVERLAP) / pitch)
  if (most < 1) return undefined
  const sheets = Math.ceil(count / most)
  const each = Math.ceil(count / sheets)
  return Array.from({ length: Math.ceil(count / each) }, (_, i) => ({
    from: i * each,
    to: Math.min(count, (i + 1) * each),
  }))
}

function sheetOf(
  cells: readonly ChartCell[],
  rows: Band,
  columns: Band,
  side: number,
  pitch: number,
  question: ChartQuestion,
): Laid {
  const { box, measure, paints } = question
  const [more, below] = [columns.to < side, rows.to < side]
  const width = LEFT + (columns.to - columns.from) * pitch + (more ? OVERLAP : 0)
  const height = TOP + (rows.to - rows.from) * pitch + (below ? OVERLAP : 0)
  const inset = (pitch - box) / 2
  const at = (row: number, column: number) => ({
    x: LEFT + (column - columns.from) * pitch + inset,
    y: TOP + (row - rows.from) * pitch + inset,
    width: box,
    height: box,
  })
  const nameOf = (i: number) => (i === 0 ? 'pure' : paints[i - 1]!.name)
  const laid: Laid = { width, height, marks: [], boxes: [], said: [] }
  for (let column = columns.from; column < columns.to; column += 1) {
    const lines = lettered(nameOf(column), pitch - 1, { size: 2.1, bold: column > 0, lines: 4 }, measure)
    const { x } = at(rows.from, column)
    const tall = heightOf(lines)
    laid.marks.push(
      ...stacked(lines, { x: x - inset + 0.5, y: TOP - tall, width: pitch - 1, height: tall }, 'middle', measure),
    )
  }
  for (let row = rows.from; row < rows.to; row += 1) {
    const { y } = at(row, columns.from)
    const lines = lettered(nameOf(row), LEFT - 2, { size: 2.3, bold: row > 0, lines: 3 }, measure)
    const tall = Math.min(pitch, heightOf(lines))
    laid.marks.push(...stacked(lines, { x: 0, y: y + (box - tall) / 2, width: LEFT - 2, height: tall }))
  }
  for (const cell of cells) {
    const { row, column, filling } = cell
    if (row < rows.from || row >= rows.to || column < columns.from || column >= columns.to) continue
    addBox(laid, { id: `${row}.${column}`, label: labelOf(cell, paints), filling, box: at(row, column) }, question)
  }
  laid.marks.push(...joints(width, height, columns, rows, more, below))
  return laid
}

/** Where sheets are cut and where the next one is stuck on. */
function joints(width: number, height: number, columns: Band, rows: Band, more: boolean, below: boolean): Mark[] {
  const line = (x1: number, y1: number, x2: number, y2: number): Mark => ({
    is: 'line',
    x1,
    y1,
    x2,
    y2,
    ink: 'faint',
    dashed: true,
  })
  return [
    ...(columns.from > 0 ? [line(LEFT, 0, LEFT, height)] : []),
    ...(rows.from > 0 ? [line(0, TOP, width, TOP)] : []),
    ...(more ? [line(width - OVERLAP, 0, width - OVERLAP, height)] : []),
    ...(below ? [line(0, height - OVERLAP, width, height - OVERLAP)] : []),
  ]
}

function labelOf({ row, column, kind }: ChartCell, paints: readonly Paint[]): string {
  const [one, other] = [paints[row - 1]?.name, paints[column - 1]?.name]
  if (kind === 'pure') return (one ?? other)!
  return `${one} and ${other}${kind === 'tint' ? ', thin' : ''}`
}
