import type { Box } from '../arranging/geometry'
import type { Paint } from '../documents/paint'
import { behaviourInWords } from '../paints/inWords'
import { fail, ok, type Result } from '../result'
import type { Drawer } from './boxes'
import { boxMarks } from './keyCells'
import { lettered, stacked } from './lettering'
import type { Filling, Laid, Mark, PaintedBox } from './marks'
import type { Room } from './onPaper'

export interface CardsQuestion extends Drawer {
  paints: readonly Paint[]
  /** A card, mm. */
  width: number
  height: number
  /** A ring to punch out for hanging, mm across; none at 0. */
  punch: number
  /** A window to cut out, through which a colour is looked at beside the swatch. */
  window: boolean
}

/** Parts of water to one of paint of the wash on a card and in the middle of a run (common practice, no source). */
export const WASH = 6
const PAD = 3
const TEXT = 15

/**
 * A card for each paint, cut out: masstone and wash, a black line and a stripe to lift, a window, a hole; name, maker,
 * codes and behaviour below. In the order given.
 *
 * Errors: `too-few`, `bad-card` (below 40 x 50 mm), `too-small` (no card fits the sheet).
 */
export function layCards(question: CardsQuestion, room: Room): Result<Laid[]> {
  const { paints, width, height } = question
  if (paints.length === 0) return fail('too-few', 'Choose some paints: each gets a card.')
  if (!(width >= 40 && height >= 50 && width <= 400 && height <= 400))
    return fail('bad-card', 'A card is at least 40 mm wide and 50 mm high.')
  const grid = gridIn(room, width, height)
  if (!grid) return fail('too-small', `No card of ${width} × ${height} mm fits the sheet.`)
  return ok(
    inSheets(paints, grid.each, (paint, i, laid) => {
      const x = (i % grid.columns) * width
      const y = Math.floor(i / grid.columns) * height
      drawCard(laid, paint, { x, y, width, height }, question)
    }).map(({ laid, count }) => ({
      ...laid,
      width: Math.min(count, grid.columns) * width,
      height: Math.ceil(count / grid.columns) * height,
      cut: true,
    })),
  )
}

/** How many of a size go on a sheet; none where not even one does. */
export function gridIn(room: Room, width: number, height: number) {
  const [columns, rows] = [Math.floor(room.width / width + 1e-9), Math.floor(room.height / height + 1e-9)]
  return columns < 1 || rows < 1 ? undefined : { columns, rows, each: columns * rows }
}

/** So many things on each sheet, one after the other. */
export function inSheets<T>(things: readonly T[], each: number, draw: (thing: T, i: number, laid: Laid) => void) {
  const sheets: { laid: Laid; count: number }[] = []
  for (let from = 0; from < things.length; from += each) {
    const laid: Laid = { width: 0, height: 0, marks: [], boxes: [], said: [] }
    const own = things.slice(from, from + each)
    own.forEach((thing, i) => draw(thing, i, laid))
    sheets.push({ laid, count: own.length })
  }
  return sheets
}

function drawCard(laid: Laid, paint: Paint, card: Box, question: CardsQuestion) {
  const { measure, tones, colouring, punch, window } = question
  const head = punch > 0 ? punch + 4 : PAD
  const inner: Box = {
    x: card.x + PAD,
    y: card.y + head,
    width: card.width - 2 * PAD,
    height: card.height - head - TEXT,
  }
  const gap = 2.5
  const swatch = (inner.height - gap) / 2
  const masstone: Box = { ...inner, height: swatch }
  const wash: Box = {
    ...inner,
    y: inner.y + swatch + gap,
    height: swatch,
    width: window ? inner.width * 0.62 : inner.width,
  }
  const boxes = [
    { box: masstone, water: 0, word: 'masstone' },
    { box: wash, water: WASH, word: 'wash' },
  ]
  laid.marks.push({ is: 'rect', ...card, ink: 'faint' })
  for (const { box, water, word } of boxes) {
    const filling: Filling = { parts: [{ paintId: paint.id, parts: 1 }], water }
    const painted: PaintedBox = { id: `${paint.id}/${word}`, label: `${paint.name}, ${word}`, filling, box }
    laid.boxes.push(painted)
    laid.marks.push(
      ...boxMarks(box, {
        tones: tones(filling),
        look: { colouring, blackLine: word === 'masstone', lift: word === 'wash' },
      }),
    )
  }
  if (window) {
    const hole: Mark = {
      is: 'rect',
      x: wash.x + wash.width + gap,
      y: wash.y,
      width: inner.width - wash.width - gap,
      height: swatch,
      ink: 'grey',
      dashed: true,
    }
    laid.marks.push(hole)
  }
  if (punch > 0)
    laid.marks.push({
      is: 'circle',
      x: card.x + card.width / 2,
      y: card.y + 2 + punch / 2,
      radius: punch / 2,
      ink: 'grey',
      dashed: true,
    })
  const below: Box = { x: inner.x, y: card.y + card.height - TEXT + 1, width: inner.width, height: TEXT - 2 }
  laid.marks.push(
    ...stacked(
      [
        ...lettered(paint.name, below.width, { size: 2.8, bold: true, lines: 2 }, measure),
        ...lettered(
          [paint.maker, paint.pigments.join(' ')].filter(Boolean).join(' · '),
          below.width,
          { size: 2, lines: 1 },
          measure,
        ),
        ...lettered(behaviourInWords(paint), below.width, { size: 1.8, lines: 2 }, measure),
      ],
      below,
    ),
  )
}
