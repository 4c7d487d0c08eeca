import { middleOf, type Box } from '../arranging/geometry'
import type { Page } from './onPaper'
import type { PaintedBox } from './marks'

/** One step of painting a sheet: which box, and where it lies beside what is painted already. */
export interface PaintingStep {
  page: number
  box: PaintedBox
  where: string
}

const centre = (box: Box) => middleOf({ kind: 'rect', corner: 0, ...box })
/** How much of the smaller of two stretches both cover. */
const shared = (a: number, b: number, c: number, d: number) =>
  Math.max(0, Math.min(b, d) - Math.max(a, c)) / Math.min(b - a, d - c)

/**
 * Where a box lies by what is named already: right of the nearest to its left, or below the nearest above it. Boxes with
 * the same words would not help, so a neighbour is said with its own name.
 */
export function whereItLies(box: PaintedBox, others: readonly PaintedBox[]): string {
  const here = centre(box.box)
  const { x, y, width, height } = box.box
  const beside = others
    .filter(
      (o) => o !== box && shared(y, y + height, o.box.y, o.box.y + o.box.height) > 0.5 && centre(o.box).x < here.x,
    )
    .sort((p, q) => centre(q.box).x - centre(p.box).x)[0]
  if (beside) return `right of ${beside.label}`
  const above = others
    .filter((o) => o !== box && shared(x, x + width, o.box.x, o.box.x + o.box.width) > 0.5 && centre(o.box).y < here.y)
    .sort((p, q) => centre(q.box).y - centre(p.box).y)[0]
  return above ? `below ${above.label}` : 'the first'
}

/** Every box of the sheets, in the order in which they are painted. */
export const paintingSteps = (pages: readonly Page[]): PaintingStep[] =>
  pages.flatMap((page, i) => page.boxes.map((box) => ({ page: i, box, where: whereItLies(box, page.boxes) })))
