import { toLch } from '../colour'
import type { GapKind } from '../choosing/verdict/gapKind'
import { CLOSES, granulationOf } from '../choosing/verdict/closes'
import { inOrder, isDark, isMoreUsual, lasts, needsNoCaution, usualOf } from '../order'
import { viewOfPaint } from '../paints/view'
import { SOLD, type Sold } from '../standins/sold'

/** Whoever buys something for its granulation wants to see it: the second step of the scale at least (judgement). */
const CLEARLY = 2
/** Chroma or lightness that differ by no more than this are alike (judgement). */
const ALIKE = 12

const paintOf = ({ paint }: Sold) => paint

/**
 * Pigments of the reference that close a gap and are made, the best first: what lasts, is most usual, needs no caution,
 * and of those the cleanest, or the darkest where a dark is missing. Only what is sold as a paint of one pigment.
 */
export function closersOf(kind: GapKind, most = 3): Sold[] {
  const isOfDark = kind === 'deep dark'
  const closing = SOLD.filter(
    ({ paint }) =>
      usualOf(paint) > 0 &&
      CLOSES[kind](paint) &&
      (kind !== 'something that granulates' || granulationOf(paint) >= CLEARLY),
  )
  const clean = ({ pigment }: Sold) => {
    const { L, C } = toLch(pigment.masstone)
    return isOfDark ? -L : C
  }
  return inOrder(
    closing,
    [
      lasts(paintOf),
      { says: 'it is a dark by itself', of: ({ paint }) => Number(isOfDark && isDark(viewOfPaint(paint))) },
      isMoreUsual(paintOf),
      needsNoCaution(paintOf),
      { says: isOfDark ? 'it is darker' : 'it is cleaner', of: clean, within: ALIKE },
    ],
    (p, q) => (p.pigment.id < q.pigment.id ? -1 : 1),
  )
    .map(({ item }) => item)
    .slice(0, most)
}
