import { planAt } from '../documents/plan'
import { boxOf, type Box } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import type { Holder, Palette, PlaceShape } from '../documents/palette'

/** A line of text on the key. Millimetres from the holder's top left corner; y is the baseline. */
export interface KeyText {
  text: string
  x: number
  y: number
  size: number
  bold: boolean
}

export interface KeyCell {
  placeId: string
  shape: PlaceShape
  kind: 'paint' | 'reserved' | 'empty'
  /** The box to paint in, mm. */
  swatch: Box
  texts: KeyText[]
}

export interface KeyDrawing {
  width: number
  height: number
  outline: Holder['outline']
  cells: KeyCell[]
  /** Mixing surfaces and the like: room for a title. */
  parts: { kind: string; shape: PlaceShape }[]
  title?: KeyText
}

/** Width in mm of a text set in a size in mm. */
export type Measure = (text: string, sizeMm: number, bold: boolean) => number

const SMALLEST = 1.45
const LINE = 1.15

/**
 * The drawing of a key at true size: one cell for each place, in the palette's own geometry, with a
 * box to paint in, name and codes. Empties and reserved places stay as blanks, so that no empty
 * well can shift a name. `also` says what lies in a place beside what is planned there. Text shrinks to 1.45 mm (about 4 pt) and is then cut with an ellipsis.
 */
export function keyOf(
  palette: Palette,
  paints: { get(id: string): Paint | undefined },
  measure: Measure,
  also: (placeId: string) => string | undefined = () => undefined,
): KeyDrawing {
  const { holder } = palette
  return {
    width: holder.width,
    height: holder.height,
    outline: holder.outline,
    cells: holder.places.map((place) => cellOf(place.id, place.shape, palette, paints, measure, also(place.id))),
    parts: holder.parts.map(({ kind, shape }) => ({ kind, shape })),
    title: titleOf(palette, measure),
  }
}

function cellOf(
  placeId: string,
  shape: PlaceShape,
  palette: Palette,
  paints: { get(id: string): Paint | undefined },
  measure: Measure,
  also: string | undefined,
): KeyCell {
  const inner = innerBox(shape)
  const plan = planAt(palette, placeId)
  const paint = paints.get(plan?.paintId ?? '')
  const idSize = 1.6
  const idText: KeyText = { text: placeId, x: inner.x, y: inner.y + inner.height - 0.2, size: idSize, bold: false }
  const kind = paint ? 'paint' : plan?.reserved !== undefined ? 'reserved' : 'empty'
  const textHeight = Math.min(inner.height * 0.5, 7.4)
  const swatch: Box = { x: inner.x, y: inner.y, width: inner.width, height: inner.height - textHeight - 0.4 }
  const room: Box = { x: inner.x, y: swatch.y + swatch.height + 0.4, width: inner.width, height: textHeight }
  const texts = paint
    ? paintTexts(paint, placeId, room, measure, also)
    : [idText, ...noteTexts(plan?.reserved, room, measure)]
  return { placeId, shape, kind, swatch, texts }
}

/** Inside the place, 0.8 mm from its edge; of a round well the square-ish box that fits. */
function innerBox(shape: PlaceShape): Box {
  const box = boxOf(shape)
  if (shape.kind === 'rect') return { x: box.x + 0.8, y: box.y + 0.8, width: box.width - 1.6, height: box.height - 1.6 }
  const half = shape.radius * 0.72
  return { x: shape.x - half, y: shape.y - half, width: 2 * half, height: 2 * half }
}

function paintTexts(paint: Paint, placeId: string, room: Box, measure: Measure, also: string | undefined): KeyText[] {
  const codes = paint.pigments.join(' ')
  const last = codes ? `${placeId} · ${codes}` : placeId
  const lines = fitLines(paint.name, room.width, 2, true, 2.1, measure)
  const code = fitLines(last, room.width, 1, false, 1.8, measure)
  const more = also ? fitLines(also, room.width, 1, false, 1.8, measure) : []
  return stack([...lines, ...more, ...code], room)
}

function noteTexts(note: string | undefined, room: Box, measure: Measure): KeyText[] {
  if (!note) return []
  return stack(fitLines(note, room.width, 2, false, 1.8, measure), room)
}

function stack(lines: { text: string; size: number; bold: boolean }[], room: Box): KeyText[] {
  let y = room.y
  return lines.map((line) => {
    y += line.size * LINE
    return { ...line, x: room.x, y }
  })
}

/** Breaks a text at its spaces into at most so many lines, shrinking it until it fits or is as small as can be read. */
function fitLines(text: string, width: number, most: number, bold: boolean, largest: number, measure: Measure) {
  for (let size = largest; size > SMALLEST; size -= 0.1) {
    const lines = wrap(text, width, (t) => measure(t, size, bold))
    if (lines.length <= most && lines.every((l) => measure(l, size, bold) <= width))
      return lines.map((t) => ({ text: t, size, bold }))
  }
  const lines = wrap(text, width, (t) => measure(t, SMALLEST, bold))
  const shown = lines.slice(0, most).map((l, i) => (i === most - 1 && lines.length > most ? `${l} …` : l))
  return shown.map((t) => ({ text: cut(t, width, (s) => measure(s, SMALLEST, bold)), size: SMALLEST, bold }))
}

function wrap(text: string, width: number, widthOf: (t: string) => number): string[] {
  const lines: string[] = []
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const longer = lines.length ? `${lines.at(-1)} ${word}` : word
    if (lines.length && widthOf(longer) <= width) lines[lines.length - 1] = longer
    else lines.push(word)
  }
  return lines
}

function cut(text: string, width: number, widthOf: (t: string) => number): string {
  if (widthOf(text) <= width) return text
  const letters = [...text.replace(/ ?…$/, '')]
  while (letters.length && widthOf(`${letters.join('')}…`) > width) letters.pop()
  return `${letters.join('')}…`
}

/** The palette's name, in the largest mixing surface or slot where there is one. */
function titleOf(palette: Palette, measure: Measure): KeyText | undefined {
  const boxes = palette.holder.parts.filter((p) => p.kind !== 'hinge').map((p) => boxOf(p.shape))
  const [room] = boxes.sort((p, q) => q.width * q.height - p.width * p.height)
  if (!room) return undefined
  const size = Math.min(4, room.height * 0.4)
  const text = cut(palette.name, room.width - 4, (t) => measure(t, size, true))
  return {
    text,
    x: room.x + (room.width - measure(text, size, true)) / 2,
    y: room.y + room.height / 2 + size * 0.35,
    size,
    bold: true,
  }
}
