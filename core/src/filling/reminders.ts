import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { viewOfPaint } from '../paints/view'
import { cautionsOfCodes, unknownInWords } from '../pigments/cautions'

export interface FillingMoment {
  paint: Paint
  items: readonly Item[]
  /** The first of a sitting, and the last. */
  isFirst: boolean
  isLast: boolean
  /** Nothing was ever filled into this vessel. */
  isNew: boolean
  /** What lies there is another paint. */
  isOver: boolean
  /** The tube is not wanted again in this sitting. */
  isLastOfTube: boolean
}

/** What to mind at one step of a filling, before it, while at it, and after (common practice, no source). */
export function remindersAt(moment: FillingMoment): { before: string[]; during: string[]; after: string[] } {
  const { paint, items, isFirst, isLast, isNew, isOver, isLastOfTube } = moment
  const remarks = new Set(items.flatMap((i) => i.remarks))
  const view = viewOfPaint(paint)
  const isTender = view.family === 'yellow' || view.family === 'white'
  const cautions = cautionsOfCodes(paint.pigments, referenceOf(paint))
  const says = (when: boolean, words: string) => (when ? [words] : [])
  return {
    before: [
      ...says(
        isFirst && isNew,
        'New plastic or enamel: roughen it where you mix, and wipe the dust up wet; do not breathe it.',
      ),
      ...says(
        paint.binder === 'with honey',
        'Bound with honey: leave room at the brim, and keep it level till it is firm.',
      ),
      ...says(remarks.has('separated'), 'It has separated: press the watery binder out onto paper, stir the rest.'),
      ...says(remarks.has('stiff'), 'It is stiff: warm the tube in your hand; cut it open rather than burst it.'),
      ...says(remarks.has('cracked cap'), 'Its cap is cracked: have film and a rubber band ready.'),
      ...says(isOver, 'Another paint lies below. Clean it out first, unless this is meant.'),
      ...(cautions.isMild ? [] : cautions.lines.map((l) => l.text)),
      ...[unknownInWords(cautions.unknown) ?? []].flat(),
      ...says(!cautions.isMild, 'Wash your hands afterwards; the label and the safety data sheet come first.'),
    ],
    during: [
      'Push it into the corners, then tap the pan until it lies level.',
      ...says(view.masstone !== undefined && view.masstone.L < 35, 'A dark one: keep it off its neighbours.'),
    ],
    after: [
      ...says(isLastOfTube, 'Wipe the thread and put the cap on straight.'),
      ...says(isTender, 'Let it harden before a brush brings blue or green near it.'),
      ...says(isLast, 'Keep everything level, and covered from dust but airy.'),
    ],
  }
}
