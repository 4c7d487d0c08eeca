import { lettered, stacked } from './lettering'
import { moved, type Laid, type Mark, type Measure } from './marks'

/** Side of a square of a code as a telephone still reads it from paper, mm, and what is left white round it, squares. */
const SQUARE = 0.45
const QUIET = 4
/** Sides between which a code is printed, mm. */
const [LEAST, MOST] = [30, 70]

/** What stands beside a printed code. */
export const CODE_WORDS = 'Opens this palette on a phone or tablet.'

/** Side of a printed code with what is left white round it, mm. */
export const codeSide = (squares: readonly (readonly boolean[])[]): number =>
  Math.min(MOST, Math.max(LEAST, (squares.length + 2 * QUIET) * SQUARE))

type Square = Extract<Mark, { is: 'rect' }>

/** A code with its corner at a place of the sheet, mm: a rectangle for each run of dark squares (ISO/IEC 18004). */
export function codeMarks(squares: readonly (readonly boolean[])[], at: { x: number; y: number }): Square[] {
  const side = codeSide(squares)
  const by = side / (squares.length + 2 * QUIET)
  const marks: Square[] = [{ is: 'rect', ...at, width: side, height: side, fill: '#ffffff' }]
  squares.forEach((row, r) => {
    for (let c = 0; c < row.length; c += 1) {
      if (!row[c]) continue
      let end = c
      while (row[end + 1]) end += 1
      const [x, y] = [at.x + (QUIET + c) * by, at.y + (QUIET + r) * by]
      marks.push({ is: 'rect', x, y, width: (end - c + 1) * by, height: by, fill: '#000000' })
      c = end
    }
  })
  return marks
}

/** A code with its words, as a drawing of its own beside one that is cut out. */
export function layCode(squares: readonly (readonly boolean[])[], name: string, measure: Measure): Laid {
  const side = codeSide(squares)
  const width = side + 60
  const words = lettered(`${name}. ${CODE_WORDS}`, 56, { size: 3.2, lines: 5 }, measure)
  const beside = stacked(words, { x: side + 2, y: 4, width: 56, height: side })
  return { width, height: side, marks: [...codeMarks(squares, { x: 0, y: 0 }), ...beside], boxes: [], said: [] }
}

/** Between what is cut out and the code below it, mm. */
const BELOW = 8

/** A drawing that is cut out with the code below it where the sheet has room, else on a sheet of its own. */
export function withCode(laid: Laid, code: Laid, room: { height: number }): Laid[] {
  const height = laid.height + BELOW + code.height
  if (height > room.height) return [laid, code]
  const outline: Mark = laid.outline ?? { is: 'rect', x: 0, y: 0, width: laid.width, height: laid.height }
  const below = code.marks.map((m) => moved(m, 0, laid.height + BELOW))
  return [{ ...laid, width: Math.max(laid.width, code.width), height, outline, marks: [...laid.marks, ...below] }]
}
