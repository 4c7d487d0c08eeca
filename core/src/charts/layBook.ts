import type { Paint } from '../documents/paint'
import { fail, ok, type Result } from '../result'
import { addBox, problemOfBox, type Drawer } from './boxes'
import type { Room } from './onPaper'
import { byFamily } from './layLabels'
import { lettered, stacked } from './lettering'
import type { Filling, Laid } from './marks'

export interface BookQuestion extends Drawer {
  paints: readonly Paint[]
  box: number
}
const HEAD = 8
const NAME = 7.5

/** A swatch book: every paint in the order of the wheel, family by family, a box each. Errors: `too-few`, `bad-box`, `too-small`. */
export function layBook(question: BookQuestion, room: Room): Result<Laid[]> {
  const { paints, measure, box } = question
  if (paints.length === 0) return fail('too-few', 'Choose some paints: each gets a box.')
  const problem = problemOfBox(box)
  if (problem) return problem
  const [wide, high] = [box * 1.6 + 3, box + NAME]
  const columns = Math.floor(room.width / wide)
  if (columns < 1 || HEAD + high > room.height) return fail('too-small', 'The sheet takes no box of that size.')
  const sheets: Laid[] = []
  let y = Infinity
  const fresh = () => {
    sheets.push({ width: columns * wide, height: room.height, marks: [], boxes: [], said: [] })
    y = 0
  }
  for (const { family, paints: own } of byFamily(paints)) {
    if (y + HEAD + high > room.height) fresh()
    const heading = lettered(
      family[0]!.toUpperCase() + family.slice(1),
      columns * wide,
      { size: 3.4, bold: true, lines: 1 },
      measure,
    )
    sheets.at(-1)!.marks.push(...stacked(heading, { x: 0, y: y + 1, width: columns * wide, height: HEAD }))
    y += HEAD
    own.forEach((paint, i) => {
      if (i > 0 && i % columns === 0) y += high
      if (y + high > room.height) fresh()
      drawSwatch(sheets.at(-1)!, paint, { x: (i % columns) * wide, y, width: wide - 3, height: box })
    })
    y += high
  }
  return ok(sheets)

  function drawSwatch(laid: Laid, paint: Paint, at: { x: number; y: number; width: number; height: number }) {
    const filling: Filling = { parts: [{ paintId: paint.id, parts: 1 }] }
    addBox(laid, { id: paint.id, label: paint.name, filling, box: at }, question)
    laid.marks.push(
      ...stacked(
        [
          ...lettered(paint.name, at.width, { size: 2.1, bold: true, lines: 2 }, measure),
          ...lettered(
            [paint.maker, paint.pigments.join(' ')].filter(Boolean).join(' · '),
            at.width,
            { size: 1.7, lines: 1 },
            measure,
          ),
        ],
        { x: at.x, y: at.y + box + 0.3, width: at.width, height: NAME - 0.5 },
      ),
    )
  }
}
