import { sharedBox, type Box, type Point } from '../arranging/geometry'
import { fail, ok, type Result } from '../result'
import { moved, movedBox, type Laid, type Mark, type Measure, type PaintedBox } from './marks'
import { FOOT, MARGIN, papersOf, type Paper, type PaperChoice } from './paper'

/** Marks seen through a window of the sheet. */
export interface Pane {
  clip: Box
  marks: Mark[]
}

/** One sheet of paper, ready to be drawn; mm from its top left corner. */
export interface Page extends Paper {
  panes: Pane[]
  /** Over everything: cut marks, marks for the photograph, scale bar and foot. */
  marks: Mark[]
  boxes: PaintedBox[]
  /** Middles of the marks by which a photograph finds the sheet: top left, top right, bottom right, bottom left. */
  corners?: [Point, Point, Point, Point]
  /** What is drawn on it, mm: boxes lie in here. */
  content: Box
}

/** Room on a sheet, mm. */
export interface Room {
  width: number
  height: number
}

/** What is to be printed, and what to know about it, in words. */
export interface Printed {
  pages: Page[]
  said: string[]
}

export interface PrintChoice {
  paper: PaperChoice
  /** Discs at the corners by which a photograph is found; they lie outside of what is cut out. */
  photoMarks: boolean
}

/** Overlap of sheets that are taped together, mm. */
export const OVERLAP = 8
/** Room around a drawing for cut marks and marks for the photograph, mm. */
const SPACE = 5.5
export const DISC = 1.75
/** The hole in the top left disc tells which way up a photograph is. */
export const HOLE = 0.8
const AWAY = 3.6

/** The most that a sheet takes without being tiled, mm. */
export const roomOn = ({ width, height }: Paper): Room => ({
  width: width - 2 * (MARGIN + SPACE),
  height: height - 2 * (MARGIN + SPACE) - FOOT,
})

/**
 * Drawings on sheets at true size, on the paper as it lies with fewest sheets where that is left open; each in the middle of its own; one that is larger is spread over as few sheets as
 * possible, with 8 mm of overlap. Every box belongs to one sheet: the first that shows it whole.
 *
 * Errors: those of `lay`, `bad-paper`, `box-too-large` (a box that no sheet shows whole).
 */
export function onPaper(
  lay: (room: Room) => Result<readonly Laid[]>,
  title: string,
  choice: PrintChoice,
  measure: Measure,
): Result<Printed> {
  const papers = papersOf(choice.paper)
  if (!papers.ok) return papers
  const tried = papers.value.map((paper) => onSheets(lay, paper, choice))
  const [best] = tried.flatMap((t) => (t.ok ? [t.value] : [])).sort((p, q) => p.pages.length - q.pages.length)
  if (!best) return tried[0]!
  const { pages } = best
  pages.forEach((page, i) => page.marks.push(...footOf(page, title, i + 1, pages.length, measure)))
  return ok(best)
}

function onSheets(lay: (room: Room) => Result<readonly Laid[]>, paper: Paper, choice: PrintChoice): Result<Printed> {
  const drawings = lay(roomOn(paper))
  if (!drawings.ok) return drawings
  const pages: Page[] = []
  const said = new Set<string>()
  for (const laid of drawings.value) {
    const left = new Set(laid.boxes)
    const tiles = tilesOf(laid, paper)
    for (const tile of tiles) pages.push(pageOf(laid, tile, paper, left, choice))
    if (left.size)
      return fail(
        'box-too-large',
        `The box of ${[...left][0]!.label} is larger than what a sheet shows at once. Take larger paper or smaller boxes.`,
      )
    for (const words of laid.said) said.add(words)
    if (tiles.length > 1)
      said.add(`It is larger than the sheet: ${tiles.length} sheets overlap by ${OVERLAP} mm and are taped together.`)
  }
  return ok({ pages, said: [...said] })
}

function tilesOf({ width, height }: Laid, paper: Paper): Box[] {
  const room = roomOn(paper)
  const across = slices(width, room.width)
  const down = slices(height, room.height)
  return down.flatMap((y) => across.map((x) => ({ x: x.start, y: y.start, width: x.length, height: y.length })))
}

function slices(length: number, room: number): { start: number; length: number }[] {
  if (length <= room) return [{ start: 0, length }]
  const count = Math.ceil((length - OVERLAP) / (room - OVERLAP))
  const step = (length - room) / (count - 1)
  return Array.from({ length: count }, (_, i) => ({ start: i * step, length: room }))
}

const isWithin = (box: Box, tile: Box) =>
  box.x >= tile.x - 1e-6 &&
  box.y >= tile.y - 1e-6 &&
  box.x + box.width <= tile.x + tile.width + 1e-6 &&
  box.y + box.height <= tile.y + tile.height + 1e-6

function pageOf(laid: Laid, tile: Box, paper: Paper, left: Set<PaintedBox>, { photoMarks }: PrintChoice): Page {
  const dx = (paper.width - tile.width) / 2 - tile.x
  const dy = (paper.height - FOOT - tile.height) / 2 - tile.y
  const content = movedBox(tile, dx, dy)
  const own = laid.boxes.filter((b) => left.has(b) && isWithin(b.box, tile))
  for (const b of own) left.delete(b)
  const corners: Page['corners'] = [
    { x: content.x - AWAY, y: content.y - AWAY },
    { x: content.x + content.width + AWAY, y: content.y - AWAY },
    { x: content.x + content.width + AWAY, y: content.y + content.height + AWAY },
    { x: content.x - AWAY, y: content.y + content.height + AWAY },
  ]
  const shown = laid.marks.filter((m) => touches(m, tile))
  return {
    ...paper,
    panes: [
      {
        clip: { x: content.x - 0.3, y: content.y - 0.3, width: content.width + 0.6, height: content.height + 0.6 },
        marks: [...shown, ...(laid.outline ? [laid.outline] : [])].map((m) => moved(m, dx, dy)),
      },
    ],
    marks: [...(laid.cut ? cutMarks(laid, tile, dx, dy) : []), ...(photoMarks ? discs(corners) : [])],
    boxes: own.map((b) => ({ ...b, box: movedBox(b.box, dx, dy) })),
    ...(photoMarks ? { corners } : {}),
    content,
  }
}

/** Whether a mark shows in a tile; long lines are left to the clip. */
function touches(mark: Mark, tile: Box): boolean {
  const box =
    mark.is === 'rect'
      ? mark
      : mark.is === 'circle'
        ? { x: mark.x - mark.radius, y: mark.y - mark.radius, width: 2 * mark.radius, height: 2 * mark.radius }
        : undefined
  return (
    !box || sharedBox({ x: box.x - 1, y: box.y - 1, width: box.width + 2, height: box.height + 2 }, tile) !== undefined
  )
}

function discs(corners: readonly Point[]): Mark[] {
  return [
    ...corners.map(({ x, y }): Mark => ({ is: 'circle', x, y, radius: DISC, fill: '#000000' })),
    { is: 'circle', x: corners[0]!.x, y: corners[0]!.y, radius: HOLE, fill: '#ffffff' },
  ]
}

/** Short lines outside the corners that lie on this sheet. */
function cutMarks({ width, height }: Laid, tile: Box, dx: number, dy: number): Mark[] {
  const marks: Mark[] = []
  for (const x of [0, width])
    for (const y of [0, height]) {
      if (!isWithin({ x, y, width: 0, height: 0 }, tile)) continue
      const [sx, sy] = [x === 0 ? -1 : 1, y === 0 ? -1 : 1]
      marks.push({ is: 'line', x1: x + sx, y1: y, x2: x + sx * 2.6, y2: y })
      marks.push({ is: 'line', x1: x, y1: y + sy, x2: x, y2: y + sy * 2.6 })
    }
  return marks.map((m) => moved(m, dx, dy))
}

const SCALE = 50
/** A ruler to check the printer by, and what the sheet is. */
function footOf(page: Page, title: string, number: number, of: number, measure: Measure): Mark[] {
  const y = page.height - MARGIN
  const ticks = Array.from({ length: SCALE / 10 + 1 }, (_, i): Mark => ({
    is: 'line',
    x1: MARGIN + 10 * i,
    y1: y,
    x2: MARGIN + 10 * i,
    y2: y - (i % 5 ? 1.2 : 2),
  }))
  const words = [`${SCALE} mm: print at 100 %.`, title, of > 1 ? `Sheet ${number} of ${of}.` : '']
  const room = page.width - 2 * MARGIN - SCALE - 3
  let text = words.filter(Boolean).join(' ')
  while (text.length > 8 && measure(text, 2.1, false) > room) text = `${[...text].slice(0, -2).join('')}…`
  return [
    { is: 'line', x1: MARGIN, y1: y, x2: MARGIN + SCALE, y2: y },
    ...ticks,
    { is: 'text', text, x: MARGIN + SCALE + 3, y, size: 2.1 },
  ]
}
