import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { wishOf, type WishContext } from './wishes'

/** How a paint fits a brief, and why it does not. */
export interface Fit {
  word: 'must be in' | 'use up' | 'fits' | 'not sure' | 'against a wish' | 'spared' | 'ruled out'
  /** In words, hard ones first. */
  reasons: string[]
}

/** Does this paint fit what the palette is for: in a word, with the reasons. */
export function fitOf(paint: Paint, brief: Brief | undefined, context: WishContext): Fit {
  if (!brief) return { word: 'fits', reasons: [] }
  if (brief.stayOut?.includes(paint.id)) return { word: 'ruled out', reasons: ['is to stay out'] }
  const judged = (brief.wishes ?? []).flatMap(({ wish, value, hard }) => {
    const known = wishOf(wish)
    const found = known?.judge(paint, value, context)
    return found ? [{ hard: hard && !known?.softOnly, ...found }] : []
  })
  const words = (list: typeof judged) => list.flatMap((j) => ('against' in j ? [j.against] : []))
  const hard = words(judged.filter((j) => j.hard))
  const soft = words(judged.filter((j) => !j.hard))
  const unsure = judged.flatMap((j) => ('unknown' in j ? [j.unknown] : []))
  const reasons = [...hard, ...soft, ...unsure]
  if (brief.mustIn?.includes(paint.id)) return { word: 'must be in', reasons }
  if (hard.length) return { word: 'ruled out', reasons }
  if (brief.useUp?.includes(paint.id)) return { word: 'use up', reasons }
  if (brief.spare?.includes(paint.id)) return { word: 'spared', reasons: ['is to be spared', ...reasons] }
  if (soft.length) return { word: 'against a wish', reasons }
  return { word: unsure.length ? 'not sure' : 'fits', reasons }
}

/** How well a paint meets the wishes, the higher the better; 0 where it meets them. */
export const wishesMet = ({ word, reasons }: Fit): number =>
  word === 'use up' ? 1 : word === 'spared' ? -1 : word === 'against a wish' ? -reasons.length : 0

/** Whether it may come in at all. */
export const isRuledOut = (fit: Fit): boolean => fit.word === 'ruled out'
