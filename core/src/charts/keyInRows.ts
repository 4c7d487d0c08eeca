import type { Box } from '../arranging/geometry'
import { SMALLEST_BOX } from './boxes'
import { fail, ok, type Result } from '../result'
import { propertiesOf } from '../paints/properties'
import { blanksIn, boxMarks, boxOfPaint, fitting, linesOf, type KeyCell, type KeyQuestion } from './keyCells'
import { lettered, stacked } from './lettering'
import type { Laid, Mark, PaintedBox } from './marks'

const PAD = 2
const TITLE = 6

/** How wide a column of a list is, mm: as it is liked, and as narrow as names and what a paint does can be read. */
const LIST_COLUMNS = [72, 58] as const

/**
 * In the order of the places, row by row: as wide as the lid, folded where it is higher; without a lid as wide as the
 * palette, or as the sheet where it is higher than that, with smaller boxes where it still does not lie on it.
 */
export function inRows(cells: readonly KeyCell[], question: KeyQuestion): Result<Laid> {
  const { look, palette } = question
  const own = Math.max(palette.holder.width, 80)
  const [liked] = LIST_COLUMNS
  if (look.lid || !look.sheet) return rowsOf(cells, question, look.lid?.width ?? own, liked)
  const { sheet } = look
  const ways = [Math.min(own, sheet.width), sheet.width].flatMap((width) =>
    LIST_COLUMNS.map((column) => ({ width, column })),
  )
  for (let box = look.box; box >= SMALLEST_BOX; box -= 1)
    for (const { width, column } of ways) {
      const laid = rowsOf(cells, { ...question, look: { ...look, box } }, width, column)
      if (!laid.ok || laid.value.height > sheet.height) continue
      const said = box < look.box ? [`Boxes of ${box} mm rather than ${look.box}, so that it lies on one sheet.`] : []
      return ok({ ...laid.value, said: [...said, ...laid.value.said] })
    }
  return rowsOf(cells, question, Math.min(own, sheet.width), liked)
}

function rowsOf(cells: readonly KeyCell[], question: KeyQuestion, width: number, column: number): Result<Laid> {
  const { look, palette, measure } = question
  const isList = look.form === 'list'
  const columns = isList
    ? Math.max(1, Math.floor((width - PAD) / column))
    : Math.floor((width - PAD) / (look.box + PAD))
  if (columns < 1) return fail('too-small', `A lid ${Math.round(width)} mm wide takes no box of ${look.box} mm.`)
  const cellWidth = (width - PAD) / columns
  const cellHeight = isList ? Math.max(9, look.box * 0.55) + PAD : look.box + 9
  const rows = Math.ceil(cells.length / columns)
  const tall = look.lid?.height ?? Infinity
  if (cellHeight + PAD > tall) return fail('too-small', 'The lid is lower than one row. Take smaller boxes.')
  const { tops, height, folds } = rowsWithFolds(rows, cellHeight, tall)
  const marks: Mark[] = [
    ...stacked(lettered(palette.name, width - 2 * PAD, { size: 3, bold: true, lines: 1 }, measure), {
      x: PAD,
      y: 1,
      width,
      height: TITLE,
    }),
    ...folds.map((y): Mark => ({ is: 'line', x1: 0, y1: y, x2: width, y2: y, ink: 'faint', dashed: true })),
  ]
  const boxes: PaintedBox[] = []
  cells.forEach((cell, i) => {
    // a list is read down its columns, rows along
    const [row, at] = isList ? [i % rows, Math.floor(i / rows)] : [Math.floor(i / columns), i % columns]
    const x = PAD + at * cellWidth
    const area: Box = { x, y: tops[row]!, width: cellWidth - PAD, height: cellHeight - PAD }
    const drawn = isList ? listRow(cell, area, question) : boxCell(cell, area, question)
    marks.push(...drawn.marks)
    if (drawn.box) boxes.push(drawn.box)
  })
  return ok({
    width,
    height,
    marks,
    boxes,
    outline: { is: 'rect', x: 0, y: 0, width, height, ink: 'black' },
    said: [
      ...(folds.length
        ? [folds.length === 1 ? 'Folded once to lie in the lid.' : `Folded ${folds.length} times to lie in the lid.`]
        : []),
      ...blanksIn(cells),
    ],
    cut: true,
  })
}

/** Tops of the rows; where a fold would cut one, it begins below it. */
function rowsWithFolds(rows: number, rowHeight: number, tall: number) {
  const tops: number[] = []
  const folds: number[] = []
  let y = TITLE + PAD
  for (let row = 0; row < rows; row += 1) {
    const next = tall * (folds.length + 1)
    if (y + rowHeight > next) {
      folds.push(next)
      y = next + PAD
    }
    tops.push(y)
    y += rowHeight
  }
  const height = folds.length ? tall * (folds.length + 1) : y
  return { tops, height, folds }
}

function listRow(cell: KeyCell, area: Box, question: KeyQuestion): { marks: Mark[]; box?: PaintedBox } {
  const { measure, look, tones } = question
  const box: Box = { ...area, width: Math.min(30, area.width * 0.42) }
  const room: Box = { ...area, x: box.x + box.width + 1.5, width: area.width - box.width - 1.5 }
  if (!cell.paint) {
    const empty: Mark = { is: 'rect', ...box, ink: 'grey', dashed: cell.note !== undefined }
    const lines = lettered(
      [cell.placeId, cell.note ?? ''].filter(Boolean).join(' · '),
      room.width,
      { size: 2, lines: 2 },
      measure,
    )
    return { marks: [empty, ...stacked(lines, room)] }
  }
  const painted = boxOfPaint(cell, box)
  const behaviour = Object.values(propertiesOf(cell.paint)).map((p) => p.value as string)
  const lines = fitting(
    [
      ...lettered(cell.name ?? cell.paint.name, room.width, { size: 2.4, bold: true, lines: 1 }, measure),
      ...lettered(cell.also ?? '', room.width, { size: 1.8, lines: 1 }, measure),
      ...lettered(behaviour.join(', '), room.width, { size: 1.7, lines: 2 }, measure).map((l) => ({ ...l, rank: 1 })),
      ...lettered(
        [cell.placeId, cell.paint.pigments.join(' ')].filter(Boolean).join(' · '),
        room.width,
        { size: 1.9, lines: 1 },
        measure,
      ),
    ],
    room.height + 0.4,
  )
  return { marks: [...boxMarks(box, { tones: tones(painted.filling), look }), ...stacked(lines, room)], box: painted }
}

function boxCell(cell: KeyCell, area: Box, question: KeyQuestion): { marks: Mark[]; box?: PaintedBox } {
  const { measure, look, tones } = question
  const round = look.form === 'circles'
  const box: Box = { x: area.x + (area.width - look.box) / 2, y: area.y, width: look.box, height: look.box }
  const room: Box = { x: area.x, y: area.y + look.box + 0.4, width: area.width, height: area.height - look.box - 0.4 }
  if (!cell.paint) {
    const dashed = cell.note !== undefined
    const empty: Mark = round
      ? { is: 'circle', x: box.x + look.box / 2, y: box.y + look.box / 2, radius: look.box / 2, ink: 'grey', dashed }
      : { is: 'rect', ...box, ink: 'grey', dashed }
    const lines = lettered(
      [cell.placeId, cell.note ?? ''].filter(Boolean).join(' · '),
      room.width,
      { size: 1.8, lines: 2 },
      measure,
    )
    return { marks: [empty, ...stacked(lines, room, 'middle', measure)] }
  }
  const painted = boxOfPaint(cell, box, round)
  return {
    marks: [
      ...boxMarks(box, { tones: tones(painted.filling), look }, round),
      ...stacked(fitting(linesOf(cell, room.width, measure), room.height), room, 'middle', measure),
    ],
    box: painted,
  }
}
