import { toLch } from '../colour'
import type { GapKind } from '../choosing/verdict/assessment'
import { CLOSES, granulationOf } from '../choosing/verdict/closes'
import type { Paint } from '../documents/paint'
import { inOrder, isDark, isMade, lastingOf, usualOf } from '../order'
import { viewOfPaint } from '../paints/view'
import { cautionsOfCodes } from '../pigments/cautions'
import { isPredicted, REFERENCE_PIGMENTS, type ReferencePigment } from '../pigments/reference'
import { paintOfPigment } from '../standins/sought'

/** Whoever buys something for its granulation wants to see it: the second step of the scale at least (judgement). */
const CLEARLY = 2
/** Chroma or lightness that differ by no more than this are alike (judgement). */
const ALIKE = 12

interface Closer {
  pigment: ReferencePigment
  paint: Paint
}

/**
 * Pigments of the reference that close a gap and are made, the best first: what lasts, is most usual, needs no caution,
 * and of those the cleanest, or the darkest where a dark is missing. Only what is sold as a paint of one pigment.
 */
export function closersOf(kind: GapKind, most = 3): Closer[] {
  const isOfDark = kind === 'deep dark'
  const closing = REFERENCE_PIGMENTS.flatMap((pigment): Closer[] => {
    if (!pigment.code || !isPredicted(pigment)) return []
    const paint = paintOfPigment(pigment)
    const { masstone } = viewOfPaint(paint)
    if (!masstone || !CLOSES[kind](paint) || !isMade(paint) || usualOf(paint) === 0) return []
    if (kind === 'something that granulates' && granulationOf(paint) < CLEARLY) return []
    return [{ pigment, paint }]
  })
  const clean = ({ pigment }: Closer) => {
    const { L, C } = toLch(pigment.masstone)
    return isOfDark ? -L : C
  }
  return inOrder(
    closing,
    [
      { says: 'it lasts', of: ({ paint }) => Math.min(2, lastingOf(paint).level) },
      { says: 'it is a dark by itself', of: ({ paint }) => Number(isOfDark && isDark(viewOfPaint(paint))) },
      { says: 'it is more usual', of: ({ paint }) => usualOf(paint) },
      { says: 'it needs no caution', of: ({ pigment }) => Number(cautionsOfCodes([pigment.code], [pigment]).isMild) },
      { says: isOfDark ? 'it is darker' : 'it is cleaner', of: clean, within: ALIKE },
    ],
    (p, q) => (p.pigment.id < q.pigment.id ? -1 : 1),
  )
    .map(({ item }) => item)
    .slice(0, most)
}
