import { toScreen } from '../colour/srgb'
import type { Paint } from '../documents/paint'
import { fail, ok, type Result } from '../result'
import { dayInWords, daysAfter } from '../units/calendar'
import { labD65 } from '../units'
import { inSheets } from './layCards'
import { lettered, stacked } from './lettering'
import type { Filling, Laid } from './marks'
import { addBox, pitchOf, problemOfBox, type Drawer } from './boxes'
import type { Room } from './onPaper'

export interface ScalesQuestion extends Drawer {
  paints: readonly Paint[]
  box: number
}

/** Parts of water to one of paint along a scale, each about twice as thin as the one before (common practice, no source). */
export const DILUTIONS = [0, 1, 2, 4, 8, 16, 32] as const
/** Lightness of the greys that values are matched to, L*. */
export const VALUES = [20, 30, 40, 50, 60, 70, 80, 90] as const
/** Days after which the halves of a fade test are compared (judgement). */
export const FADE_LOOKS = [30, 91, 182, 365] as const

const NAME = 30
const ROW = 6

interface RowOf {
  paint: Paint
  boxes: { id: string; label: string; filling: Filling; below: string; grey?: string }[]
}

/** Rows of boxes, a paint each, its name to the left. */
function layRows(rows: readonly RowOf[], question: ScalesQuestion, room: Room, extra: number): Result<Laid[]> {
  const { box, measure } = question
  if (rows.length === 0) return fail('too-few', 'Choose some paints: each gets a row.')
  const problem = problemOfBox(box)
  if (problem) return problem
  const pitch = pitchOf(box)
  const width = NAME + rows[0]!.boxes.length * pitch
  const height = pitch + ROW + extra
  const each = Math.floor(room.height / height)
  if (width > room.width || each < 1)
    return fail(
      'too-small',
      `A row is ${Math.round(width)} mm long, longer than the sheet. Take smaller boxes or larger paper.`,
    )
  return ok(
    inSheets(rows, each, ({ paint, boxes }, i, laid) => {
      const top = i * height
      const text = [paint.name, paint.maker].filter(Boolean).join(', ')
      const name = lettered(text, NAME - 2, { size: 2.4, bold: true, lines: 4 }, measure)
      laid.marks.push(...stacked(name, { x: 0, y: top + 1, width: NAME, height: box }))
      boxes.forEach((b, n) => {
        const at = { x: NAME + n * pitch, y: top + extra, width: box, height: box }
        if (b.grey) laid.marks.push({ is: 'rect', x: at.x, y: top, width: box, height: extra - 0.8, fill: b.grey })
        addBox(laid, { id: b.id, label: b.label, filling: b.filling, box: at }, question)
        const below = lettered(b.below, pitch - 0.5, { size: 1.9, lines: 2 }, measure)
        laid.marks.push(
          ...stacked(below, { x: at.x, y: top + extra + box + 0.3, width: box, height: ROW }, 'middle', measure),
        )
      })
    }).map(({ laid, count }) => ({ ...laid, width, height: count * height })),
  )
}

const waterInWords = (water: number) => (water === 0 ? 'as it is' : `${water} of water`)
const alone = (paint: Paint, water?: number): Filling => ({
  parts: [{ paintId: paint.id, parts: 1 }],
  ...(water === undefined ? {} : { water }),
})

/** From masstone to the thinnest wash, a row for each paint. Errors: `too-few`, `bad-box`, `too-small`. */
export const layDilutions = (question: ScalesQuestion, room: Room): Result<Laid[]> =>
  layRows(
    question.paints.map((paint) => ({
      paint,
      boxes: DILUTIONS.map((water) => ({
        id: `${paint.id}/${water}`,
        label: `${paint.name}, ${waterInWords(water)}`,
        filling: alone(paint, water),
        below: waterInWords(water),
      })),
    })),
    question,
    room,
    0,
  )

/** Boxes below printed greys: each is painted as light as the grey above it looks. Errors: as `layDilutions`. */
export const layValues = (question: ScalesQuestion, room: Room): Result<Laid[]> =>
  layRows(
    question.paints.map((paint) => ({
      paint,
      boxes: VALUES.map((L) => ({
        id: `${paint.id}/L${L}`,
        label: `${paint.name} as light as the grey of L* ${L}`,
        filling: alone(paint),
        below: `L* ${L}`,
        grey: toScreen(labD65(L, 0, 0)).hex,
      })),
    })),
    // what is painted there goes by the grey, not by a prediction
    { ...question, colouring: 'none' },
    room,
    6,
  )

/**
 * A fade test: a strip for each paint, one half to be covered from light; the days on which to compare stand below.
 * Errors: `too-few`, `bad-box`, `too-small`.
 */
export function layFadeTest(question: ScalesQuestion & { begin: string }, room: Room): Result<Laid[]> {
  const looks = FADE_LOOKS.map((days) => dayInWords(daysAfter(question.begin, days))).join(', ')
  const rows = layRows(
    question.paints.map((paint) => ({
      paint,
      boxes: [
        { id: `${paint.id}/open`, label: `${paint.name}, left open`, filling: alone(paint, 2), below: 'open' },
        {
          id: `${paint.id}/covered`,
          label: `${paint.name}, to be covered`,
          filling: alone(paint, 2),
          below: 'covered',
        },
      ],
    })),
    question,
    { ...room, height: room.height - 10 },
    0,
  )
  if (!rows.ok) return rows
  return ok(
    rows.value.map((laid) => {
      const width = Math.max(laid.width, Math.min(room.width, 110))
      const text = `Begun ${dayInWords(question.begin)}. Cover the right half with foil, hang it in a sunny window, compare on ${looks}.`
      const words = lettered(text, width, { size: 2.2, lines: 3 }, question.measure)
      const marks = stacked(words, { x: 0, y: laid.height + 1, width, height: 9 })
      return { ...laid, width, height: laid.height + 10, marks: [...laid.marks, ...marks] }
    }),
  )
}
