import { fail, ok, type Result } from '../result'
import { problemOfBox } from './boxes'
import { asItLies } from './keyAsItLies'
import { cellsOf, type KeyLook, type KeyQuestion } from './keyCells'
import { inRows } from './keyInRows'
import { moved, movedBox, type Laid } from './marks'

/** Kept around a key that is laminated, mm: film that is sealed to itself (common practice, no source). */
const SEAL = 4
/**
 * A key, one cell for each place in the palette's own order, blanks kept, so that no empty well can shift a name: in the
 * palette's geometry, as a list, or as rows of boxes or circles, fitted to the inside of the lid.
 *
 * Errors: `bad-lid` (inside of the lid below 30 mm), `bad-box` (boxes below 8 mm or above 60), `nothing-planned`,
 * `too-small` (boxes in the lid would be smaller than names and paint need).
 */
export function layKey(asked: KeyQuestion): Result<Laid> {
  const { palette, paints, also } = asked
  const look = withoutSeal(asked.look)
  const question = { ...asked, look }
  const { lid } = look
  if (lid && !(lid.width >= 30 && lid.height >= 30))
    return fail('bad-lid', 'The inside of a lid is at least 30 mm long and wide.')
  const problem = problemOfBox(look.box)
  if (problem) return problem
  const cells = cellsOf(palette, paints, also)
  if (!cells.some((c) => c.paint))
    return fail('nothing-planned', 'Plan some paints first: a key names what lies where.')
  const laid = look.form === 'as the palette lies' ? asItLies(cells, question) : inRows(cells, question)
  if (!laid.ok) return laid
  return ok(look.laminate ? sealed(laid.value) : laid.value)
}

/** The film around a key takes its room of the sheet, too. */
function withoutSeal({ sheet, ...look }: KeyLook): KeyLook {
  const film = look.laminate ? 2 * SEAL : 0
  return sheet ? { ...look, sheet: { width: sheet.width - film, height: sheet.height - film } } : look
}

/** With a margin around it: cut along the outer line after laminating. */
function sealed(laid: Laid): Laid {
  const { width, height } = laid
  return {
    ...laid,
    width: width + 2 * SEAL,
    height: height + 2 * SEAL,
    marks: [
      { is: 'rect', x: 0, y: 0, width: width + 2 * SEAL, height: height + 2 * SEAL, ink: 'faint', dashed: true },
      ...laid.marks.map((m) => moved(m, SEAL, SEAL)),
    ],
    boxes: laid.boxes.map((b) => ({ ...b, box: movedBox(b.box, SEAL, SEAL) })),
    ...(laid.outline ? { outline: moved(laid.outline, SEAL, SEAL) } : {}),
    said: [...laid.said, `Cut the paper along the inner line, laminate it, and cut the film along the outer one.`],
  }
}
