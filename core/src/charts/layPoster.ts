import { boxOf, type Box } from '../arranging/geometry'
import { toScreen } from '../colour/srgb'
import type { PlaceShape } from '../documents/palette'
import { cellNumber, cellsOfRing, labOfCell, RINGS, SHOWN_WHEELS } from '../reach/lattice'
import { CODE_WORDS, codeMarks, codeSide } from './codeOnPaper'
import { fail, ok, type Result } from '../result'
import { boxOfPaint, cellsOf, type KeyCell, type KeyQuestion } from './keyCells'
import { heightOf, lettered, stacked } from './lettering'
import { tonesIn, type Laid, type Mark, type Measure, type PaintedBox } from './marks'
import type { Room } from './onPaper'
import { outlineOf, scaledBy } from './placeShapes'

export interface PosterQuestion extends Pick<KeyQuestion, 'palette' | 'paints' | 'measure' | 'tones'> {
  room: Room
  /** What it is for, in words, below its name. */
  says: readonly string[]
  /** What is reached, by number of the cell of the lattice: 1 to 3 by so many paints; none where it is not known. */
  map?: readonly number[]
  /** The squares of a code that opens it on another device, row by row. */
  code?: readonly (readonly boolean[])[]
}

/** What the values that are drawn are called. */
const VALUES = ['dark', 'middle', 'light']
const GAP = 6
/** The most that a box is enlarged. */
const LARGEST = 1.6
/** The most of the sheet that the box takes, of its height. */
const SHARE = 0.42

/**
 * A palette on one page, to hang up or to hand on: its name, what it is for, its box with the paints where they lie,
 * their names and codes, and the map of what they mix. It is looked at, not painted into.
 *
 * Errors: `nothing-planned`.
 */
export function layPoster(question: PosterQuestion): Result<Laid> {
  const { palette, paints, room, measure, says, map, code } = question
  const cells = cellsOf(palette, paints)
  if (!cells.some((c) => c.paint))
    return fail('nothing-planned', 'Plan some paints first: the page shows what lies where.')
  const laid: Laid = { width: room.width, height: 0, marks: [], boxes: [], said: [] }
  let y = 0
  const write = (text: string, size: number, lines: number, bold = false) => {
    const set = lettered(text, room.width, { size, lines, bold }, measure)
    const height = heightOf(set)
    laid.marks.push(...stacked(set, { x: 0, y, width: room.width, height }, 'left', measure))
    y += height + 1
  }
  write(palette.name, 8, 1, true)
  for (const said of says) write(said, 3.6, 3)
  y += GAP / 2
  // what names and map leave is the box's
  const named = cells.filter((c) => c.paint).length
  const left =
    room.height -
    y -
    2 * GAP -
    listHeight(named) -
    (map ? mapAcross(room.width) + CAPTION : 0) -
    (code ? codeSide(code) + GAP : 0)
  y += drawBox(laid, cells, y, Math.min(left, room.height * SHARE), question) + GAP
  y += listed(laid, cells, y, question) + GAP
  if (map) y += drawMap(laid, map, y, room.width, measure)
  if (code) y += drawCode(laid, code, y, question)
  return ok({ ...laid, height: y })
}

function addPaint(laid: Laid, painted: PaintedBox, question: PosterQuestion): void {
  laid.boxes.push(painted)
  laid.marks.push(...tonesIn(painted.box, question.tones(painted.filling), 'full', painted.round))
}

/** The box with its paints, as large as fits, in the middle; how high it came, mm. */
function drawBox(laid: Laid, cells: readonly KeyCell[], top: number, most: number, question: PosterQuestion): number {
  const { holder } = question.palette
  const { room, measure } = question
  const by = Math.min(LARGEST, room.width / holder.width, most / holder.height)
  const left = (room.width - holder.width * by) / 2
  const height = holder.height * by
  const outline: PlaceShape =
    holder.outline === 'ring'
      ? { kind: 'circle', x: left + (holder.width * by) / 2, y: top + height / 2, radius: (holder.width * by) / 2 }
      : { kind: 'rect', x: left, y: top, width: holder.width * by, height, corner: 0 }
  laid.marks.push(outlineOf(outline, 'black'))
  for (const part of holder.parts) laid.marks.push(outlineOf(scaledBy(part.shape, by, left, top), 'grey'))
  for (const cell of cells) {
    const shape = scaledBy(cell.shape, by, left, top)
    const box = boxOf(shape)
    const isRound = shape.kind === 'circle'
    if (cell.paint) addPaint(laid, boxOfPaint(cell, box, isRound), question)
    laid.marks.push(outlineOf(shape, cell.paint ? 'black' : 'grey', !cell.paint))
    const tag = { width: measure(cell.placeId, 2.4, false) + 1, height: 3.2 }
    const at = { x: box.x + (isRound ? (box.width - tag.width) / 2 : 0), y: box.y + box.height - tag.height }
    laid.marks.push({ is: 'rect', ...at, ...tag, fill: '#ffffff' })
    laid.marks.push({ is: 'text', text: cell.placeId, x: at.x + 0.5, y: at.y + 2.5, size: 2.4 })
  }
  return height
}

/** Many names stand in three columns and closer together. */
const columnsOf = (names: number) => (names > 16 ? 3 : 2)
const lineOf = (names: number) => (names > 36 ? 4.6 : 5.4)
const listHeight = (names: number) => Math.ceil(names / columnsOf(names)) * lineOf(names)

/** Names and codes in two columns, or in three where there are many; how high they came, mm. */
function listed(laid: Laid, cells: readonly KeyCell[], top: number, question: PosterQuestion): number {
  const { room, measure } = question
  const named = cells.filter((c) => c.paint)
  const columns = columnsOf(named.length)
  const wide = (room.width - GAP * (columns - 1)) / columns
  const rows = Math.ceil(named.length / columns)
  const line = lineOf(named.length)
  named.forEach((cell, i) => {
    const [column, row] = [Math.floor(i / rows), i % rows]
    const x = column * (wide + GAP)
    const y = top + row * line
    const swatch: Box = { x: x + 8, y: y + 0.4, width: 10, height: line - 0.9 }
    addPaint(laid, { ...boxOfPaint(cell, swatch), id: `name ${cell.placeId}` }, question)
    laid.marks.push({ is: 'rect', ...swatch, ink: 'faint' })
    laid.marks.push({ is: 'text', text: cell.placeId, x, y: y + 3.6, size: 3 })
    const text = `${cell.name ?? cell.paint!.name}  ${cell.paint!.pigments.join(' ')}`
    const words = lettered(text, wide - 20, { size: 3, lines: 1 }, measure)
    laid.marks.push(...stacked(words, { x: x + 20, y: y + 0.3, width: wide - 20, height: line }))
  })
  return rows * line
}

/** The code at the left, with what it is for beside it; how high it came, mm. */
function drawCode(
  laid: Laid,
  code: NonNullable<PosterQuestion['code']>,
  top: number,
  { room, measure }: PosterQuestion,
): number {
  const side = codeSide(code)
  laid.marks.push(...codeMarks(code, { x: 0, y: top }))
  const words = lettered(CODE_WORDS, room.width - side - GAP, { size: 3.2, lines: 3 }, measure)
  laid.marks.push(...stacked(words, { x: side + GAP / 2, y: top + 4, width: room.width - side - GAP, height: side }))
  return side
}

const mapAcross = (width: number) => Math.min(50, (width - 2 * GAP) / 3)
/** Height of the word below a wheel, mm. */
const CAPTION = 6

/** The map of what is reached, at three values beside each other; how high it came, mm. */
function drawMap(laid: Laid, map: readonly number[], top: number, width: number, measure: Measure): number {
  const across = mapAcross(width)
  const left = (width - 3 * across - 2 * GAP) / 2
  SHOWN_WHEELS.forEach((wheel, i) => {
    const name = VALUES[i]!
    const middle = { x: left + i * (across + GAP) + across / 2, y: top + across / 2 }
    laid.marks.push(...wheelOf(wheel, map, middle, across / 2))
    const words = lettered(name, across, { size: 3, lines: 1 }, measure)
    laid.marks.push(
      ...stacked(
        words,
        { x: middle.x - across / 2, y: top + across + 0.5, width: across, height: 5 },
        'middle',
        measure,
      ),
    )
  })
  return across + CAPTION
}

/** Degrees between two points of an arc. */
const FINE = 5

/** One value of the map: hue around, chroma outward; what is reached in its own colour, the rest left white. */
function wheelOf(wheel: number, map: readonly number[], middle: { x: number; y: number }, radius: number): Mark[] {
  const edgeAt = (ring: number) => (Math.max(0, ring + 0.5) * radius) / (RINGS + 0.5)
  const at = (r: number, degrees: number): readonly [number, number] => {
    const angle = (-degrees * Math.PI) / 180
    return [middle.x + r * Math.cos(angle), middle.y + r * Math.sin(angle)]
  }
  const arc = (r: number, from: number, to: number) => {
    const steps = Math.max(1, Math.ceil(Math.abs(to - from) / FINE))
    return Array.from({ length: steps + 1 }, (_, i) => at(r, from + ((to - from) * i) / steps))
  }
  const reached: Mark[] = []
  for (let ring = 0; ring <= RINGS; ring += 1)
    for (let place = 0; place < cellsOfRing(ring); place += 1) {
      const cell = { wheel, ring, place }
      const state = map[cellNumber(cell)] ?? 0
      if (state < 1 || state > 3) continue
      const wide = 360 / cellsOfRing(ring)
      const [from, to] = [(place - 0.5) * wide, (place + 0.5) * wide]
      const points =
        ring === 0 ? arc(edgeAt(0), 0, 360) : [...arc(edgeAt(ring), from, to), ...arc(edgeAt(ring - 1), to, from)]
      reached.push({ is: 'path', points, fill: toScreen(labOfCell(cell)).hex })
    }
  return [{ is: 'circle', ...middle, radius, ink: 'faint' }, ...reached]
}
