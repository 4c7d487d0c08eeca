import { fail, ok, type Result } from '../result'
import { heightOf, lettered, stacked, type Line } from './lettering'
import type { Laid, Measure } from './marks'
import type { Room } from './onPaper'

/** One entry of a printed list: what it is called, what stands at its right, and what is said of it. */
export interface ListEntry {
  title: string
  aside?: string
  texts: readonly string[]
}
export interface ListQuestion {
  title: string
  note?: string
  entries: readonly ListEntry[]
  measure: Measure
}

const [TITLE, NOTE, NAME, TEXT] = [6, 3.2, 3.6, 2.9]
const BETWEEN = 2.2
/** A box to be ticked, mm. */
const BOX = 3.4
const LEFT = BOX + 2.4

/** A list on as many sheets as it takes, each entry whole, with a box to be ticked. Errors: `too-few`, `too-small`. */
export function layList({ title, note = '', entries, measure }: ListQuestion, room: Room): Result<Laid[]> {
  if (entries.length === 0) return fail('too-few', 'There is nothing on the list yet.')
  const width = room.width - LEFT
  const sheets: Laid[] = []
  let y = 0
  const fresh = () => {
    sheets.push({ width: room.width, height: room.height, marks: [], boxes: [], said: [] })
    y = 0
  }
  const put = (lines: readonly Line[], x: number, wide: number) => {
    const height = heightOf(lines)
    sheets.at(-1)!.marks.push(...stacked(lines, { x, y, width: wide, height }))
    return height
  }
  fresh()
  y += put(lettered(title, room.width, { size: TITLE, bold: true, lines: 2 }, measure), 0, room.width) + 1
  if (note) y += put(lettered(note, room.width, { size: NOTE, lines: 12 }, measure), 0, room.width) + 1
  y += BETWEEN
  for (const { title: name, aside = '', texts } of entries) {
    const right = lettered(aside, width * 0.35, { size: TEXT, lines: 2 }, measure)
    const head = lettered(name, width * 0.63, { size: NAME, bold: true, lines: 2 }, measure)
    const rest = texts.flatMap((text) => lettered(text, width, { size: TEXT, lines: 6 }, measure))
    const first = Math.max(heightOf(head), heightOf(right))
    const height = first + heightOf(rest) + BETWEEN
    if (height > room.height) return fail('too-small', 'The sheet is too small for an entry of the list.')
    if (y + height > room.height) fresh()
    const { marks } = sheets.at(-1)!
    marks.push({ is: 'rect', x: 0, y: y + 0.6, width: BOX, height: BOX, ink: 'black' })
    marks.push(...stacked(head, { x: LEFT, y, width: width * 0.63, height: first }))
    marks.push(...stacked(right, { x: LEFT + width * 0.65, y: y + 0.5, width: width * 0.35, height: first }))
    marks.push(...stacked(rest, { x: LEFT, y: y + first, width, height: heightOf(rest) }))
    y += height
    marks.push({ is: 'line', x1: 0, x2: room.width, y1: y - BETWEEN / 2, y2: y - BETWEEN / 2, ink: 'faint' })
  }
  return ok(sheets)
}
