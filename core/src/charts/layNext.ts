import type { NextBox } from '../mixing/paintNext'
import { counted } from '../units'
import { fail, ok, type Result } from '../result'
import { lettered, stacked } from './lettering'
import type { Filling, Laid } from './marks'
import { addBox, pitchOf, problemOfBox, type Drawer } from './boxes'
import { inSheets } from './layCards'
import type { Room } from './onPaper'

/** A box of the card: what goes into it. */
export type CardBox = Pick<NextBox, 'kind' | 'parts' | 'water'>
export interface NextCardQuestion extends Drawer {
  boxes: readonly CardBox[]
  nameOf(paintId: string): string
  box: number
}

const NAME = 11
const COLUMNS = 4
/** So wide at least that the words below a box can be read, mm. */
const CELL = 40

/** What is painted into a box, in words. */
export function nextInWords({ kind, parts, water }: CardBox, nameOf: (paintId: string) => string): string {
  const [first, second] = parts.map((p) => nameOf(p.paintId))
  if (kind === 'masstone') return `${first}, as it is`
  if (kind === 'wash') return `${first}, ${counted(water, 'part')} of water to one`
  if (kind === 'tint') return `${first}: one part in ${parts[1]!.parts} of ${second}`
  return `${first} and ${second}, equal parts, as they are`
}

/** How the paints of a box are put in, as its reading goes by it. */
const fillingOf = ({ kind, parts, water }: CardBox): Filling => ({
  parts,
  water,
  ...(kind === 'tint' ? { isTint: true } : {}),
})

/**
 * One card with what to paint out next, its words below each box, in the order of what they tell.
 *
 * Errors: `nothing-to-paint`, `bad-box`, `too-small`.
 */
export function layNext(question: NextCardQuestion, room: Room): Result<Laid[]> {
  const { boxes, box, nameOf, measure } = question
  if (boxes.length === 0)
    return fail('nothing-to-paint', 'Nothing that these paints could be painted out for would make much difference.')
  const problem = problemOfBox(box)
  if (problem) return problem
  const pitch = pitchOf(box)
  const cell = Math.max(pitch, Math.min(CELL, room.width / COLUMNS))
  const columns = Math.min(COLUMNS, boxes.length, Math.floor(room.width / cell + 1e-9))
  const rows = Math.floor(room.height / (pitch + NAME))
  if (columns < 1 || rows < 1) return fail('too-small', `The sheet takes no box of ${box} mm.`)
  return ok(
    inSheets(boxes, columns * rows, (one, i, laid) => {
      const x = (i % columns) * cell
      const y = Math.floor(i / columns) * (pitch + NAME)
      const label = nextInWords(one, nameOf)
      const at = { x: x + (cell - box) / 2, y, width: box, height: box }
      addBox(laid, { id: keyOf(one), label, filling: fillingOf(one), box: at }, question)
      const words = lettered(label, cell - 2, { size: 2.5, lines: 4 }, measure)
      const below = { x: x + 1, y: y + box + 0.4, width: cell - 2, height: NAME }
      laid.marks.push(...stacked(words, below, 'middle', measure))
    }).map(({ laid, count }) => ({
      ...laid,
      width: Math.min(columns, count) * cell,
      height: Math.ceil(count / columns) * (pitch + NAME),
    })),
  )
}

const keyOf = ({ kind, parts }: CardBox) => [kind, ...parts.map((p) => p.paintId)].join('/')
