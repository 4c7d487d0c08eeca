import type { Paint } from '../documents/paint'
import { fail, ok, type Result } from '../result'
import { lettered, stacked } from './lettering'
import type { Filling, Laid } from './marks'
import { addBox, pitchOf, problemOfBox, type Drawer } from './boxes'
import type { Room } from './onPaper'

export interface PartnersQuestion extends Drawer {
  /** The family that is compared: a card each. */
  subjects: readonly Paint[]
  /** The same for all of them, each in the same place on every card. */
  partners: readonly Paint[]
  box: number
  water: number
}

export const MOST_PARTNERS = 40
const TOP = 8
const NAME = 5.5

/** What goes into the boxes of one card: the paint alone, then with each partner in equal parts. */
export function partnerFillings(subject: Paint, partners: readonly Paint[], water: number): Filling[] {
  const alone: Filling = { parts: [{ paintId: subject.id, parts: 1 }], water }
  return [
    alone,
    ...partners.map((p): Filling => ({
      parts:
        p.id === subject.id
          ? alone.parts
          : [
              { paintId: subject.id, parts: 1 },
              { paintId: p.id, parts: 1 },
            ],
      water,
    })),
  ]
}

/**
 * A card for each paint of a family against the same partners: the paint alone, then each partner with it in equal parts,
 * the same partner in the same place on every card, so that cards laid on each other can be compared. As many cards on
 * a sheet as fit.
 *
 * Errors: `too-few` (no paint or no partner), `too-many` (above 40 partners), `bad-box`, `too-small`.
 */
export function layPartners(question: PartnersQuestion, room: Room): Result<Laid[]> {
  const { subjects, partners, box } = question
  if (subjects.length === 0 || partners.length === 0)
    return fail('too-few', 'Choose the paints to compare, and the partners that each of them meets.')
  if (partners.length > MOST_PARTNERS) return fail('too-many', `A card takes up to ${MOST_PARTNERS} partners.`)
  const problem = problemOfBox(box)
  if (problem) return problem
  const pitch = pitchOf(box)
  const columns = Math.min(partners.length + 1, Math.floor(room.width / pitch), 7)
  if (columns < 1) return fail('too-small', `The sheet takes no box of ${box} mm.`)
  const rows = Math.ceil((partners.length + 1) / columns)
  const height = TOP + rows * (pitch + NAME)
  const each = Math.floor(room.height / height)
  if (each < 1)
    return fail('too-small', 'The card is longer than the sheet. Take smaller boxes, fewer partners or larger paper.')
  const sheets: Laid[] = []
  for (let i = 0; i < subjects.length; i += each) {
    const cards = subjects.slice(i, i + each)
    const laid: Laid = { width: columns * pitch, height: cards.length * height, marks: [], boxes: [], said: [] }
    cards.forEach((subject, n) => drawCard(laid, subject, n * height, { columns, pitch }, question))
    sheets.push(laid)
  }
  return ok(sheets)
}

function drawCard(
  laid: Laid,
  subject: Paint,
  top: number,
  { columns, pitch }: { columns: number; pitch: number },
  question: PartnersQuestion,
) {
  const { partners, box, measure } = question
  const heading = lettered(
    [subject.name, subject.maker, subject.pigments.join(' ')].filter(Boolean).join(' · '),
    laid.width,
    { size: 3, bold: true, lines: 1 },
    measure,
  )
  laid.marks.push(...stacked(heading, { x: 0, y: top + 1, width: laid.width, height: TOP }))
  if (top > 0) laid.marks.push({ is: 'line', x1: 0, y1: top, x2: laid.width, y2: top, ink: 'faint', dashed: true })
  partnerFillings(subject, partners, question.water).forEach((filling, i) => {
    const partner = partners[i - 1]
    const x = (i % columns) * pitch + (pitch - box) / 2
    const y = top + TOP + Math.floor(i / columns) * (pitch + NAME)
    const label = partner ? `${subject.name} and ${partner.name}` : subject.name
    addBox(laid, { id: `${subject.id}/${i}`, label, filling, box: { x, y, width: box, height: box } }, question)
    const name = lettered(partner?.name ?? 'alone', pitch - 0.6, { size: 1.9, lines: 2 }, measure)
    laid.marks.push(
      ...stacked(
        name,
        { x: x - (pitch - box) / 2 + 0.3, y: y + box + 0.3, width: pitch - 0.6, height: NAME },
        'middle',
        measure,
      ),
    )
  })
}
