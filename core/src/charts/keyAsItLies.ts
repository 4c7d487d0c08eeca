import { boxOf, type Box } from '../arranging/geometry'
import type { Palette, PlaceShape } from '../documents/palette'
import { fail, ok, type Result } from '../result'
import { blanksIn, boxMarks, boxOfPaint, fitting, linesOf, type KeyCell, type KeyQuestion } from './keyCells'
import { heightOf, lettered, stacked } from './lettering'
import { outlineOf, scaledBy } from './placeShapes'
import type { Laid, Mark, Measure, PaintedBox } from './marks'

/** The least that a key in the palette's own geometry may be scaled to. */
const SMALLEST_SCALE = 0.8

/** One cell where each place lies, at true size or as much smaller as the lid asks. Errors: `too-small`. */
export function asItLies(cells: readonly KeyCell[], question: KeyQuestion): Result<Laid> {
  const { palette, look } = question
  const { holder } = palette
  const scale = look.lid ? Math.min(1, look.lid.width / holder.width, look.lid.height / holder.height) : 1
  if (scale < SMALLEST_SCALE)
    return fail(
      'too-small',
      `In this lid the key would be ${Math.round(100 * scale)} % of the palette, too small to paint in. Take a list or boxes: they fold.`,
    )
  const scaled = (shape: PlaceShape) => scaledBy(shape, scale)
  const [width, height] = [holder.width * scale, holder.height * scale]
  const boxes: PaintedBox[] = []
  const marks: Mark[] = holder.parts.map(({ shape }) => outlineOf(scaled(shape), 'grey'))
  for (const cell of cells) {
    const shape = scaled(cell.shape)
    const { box, texts } = contentOf({ ...cell, shape }, question)
    marks.push(outlineOf(shape, cell.paint ? 'black' : 'grey', cell.note !== undefined))
    if (cell.paint) {
      const painted = boxOfPaint(cell, box)
      boxes.push(painted)
      marks.push(...boxMarks(box, { tones: question.tones(painted.filling), look }))
    }
    marks.push(...texts)
  }
  const title = titleOf(palette, scaled, question.measure)
  return ok({
    width,
    height,
    marks: [...marks, ...title],
    boxes,
    outline:
      holder.outline === 'ring'
        ? { is: 'circle', x: width / 2, y: height / 2, radius: width / 2, ink: 'black' }
        : { is: 'rect', x: 0, y: 0, width, height, ink: 'black' },
    said: [
      ...(scale < 1 ? [`Drawn at ${Math.round(100 * scale)} % of the palette, so that it lies inside the lid.`] : []),
      ...blanksIn(cells),
    ],
    cut: true,
  })
}

/** Inside a place, 0.8 mm from its edge; of a round well the square-ish box that fits. */
function innerBox(shape: PlaceShape): Box {
  const box = boxOf(shape)
  if (shape.kind === 'rect') return { x: box.x + 0.8, y: box.y + 0.8, width: box.width - 1.6, height: box.height - 1.6 }
  const half = shape.radius * 0.72
  return { x: shape.x - half, y: shape.y - half, width: 2 * half, height: 2 * half }
}

/** The box to paint in and what is written below it. */
function contentOf(cell: KeyCell, { measure }: KeyQuestion): { box: Box; texts: Mark[] } {
  const inner = innerBox(cell.shape)
  const room = Math.min(inner.height * 0.5, 7.4)
  const box: Box = { x: inner.x, y: inner.y, width: inner.width, height: inner.height - room - 0.4 }
  const below: Box = { x: inner.x, y: box.y + box.height + 0.4, width: inner.width, height: room }
  if (cell.paint) return { box, texts: stacked(fitting(linesOf(cell, below.width, measure), room), below) }
  const id: Mark = { is: 'text', text: cell.placeId, x: inner.x, y: inner.y + inner.height - 0.2, size: 1.6 }
  return {
    box,
    texts: [id, ...stacked(lettered(cell.note ?? '', below.width, { size: 1.8, lines: 2 }, measure), below)],
  }
}

/** The palette's name, in the largest mixing surface or slot where there is one. */
function titleOf(palette: Palette, scaled: (shape: PlaceShape) => PlaceShape, measure: Measure): Mark[] {
  const boxes = palette.holder.parts.filter((p) => p.kind !== 'hinge').map((p) => boxOf(scaled(p.shape)))
  const [room] = boxes.sort((p, q) => q.width * q.height - p.width * p.height)
  if (!room) return []
  const size = Math.min(4, room.height * 0.4)
  const lines = lettered(palette.name, room.width - 4, { size, bold: true, lines: 1 }, measure)
  const height = heightOf(lines)
  return stacked(
    lines,
    { x: room.x + 2, y: room.y + (room.height - height) / 2, width: room.width - 4, height },
    'middle',
    measure,
  )
}
