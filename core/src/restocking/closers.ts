import { toLch } from '../colour'
import type { GapKind } from '../choosing/verdict/assessment'
import { CLOSES, granulationOf } from '../choosing/verdict/closes'
import type { Paint } from '../documents/paint'
import { paintOfPigment } from '../standins/sought'
import { viewOfPaint } from '../paints/view'
import { propertiesOf } from '../paints/properties'
import { levelOn, LIGHTFASTNESSES } from '../pigments/scales'
import { REFERENCE_PIGMENTS, type ReferencePigment } from '../pigments/reference'

/** Whoever buys something for its granulation wants to see it: the second step of the scale at least (judgement). */
const CLEARLY = 2

/**
 * Pigments of the reference that close a gap, the best first: lightfast ones, and of those the cleanest, or the darkest
 * where a dark is missing. Only what is sold as a paint of one pigment.
 */
export function closersOf(kind: GapKind, most = 3): { pigment: ReferencePigment; paint: Paint }[] {
  return REFERENCE_PIGMENTS.flatMap((pigment) => {
    if (!pigment.code || pigment.kind === 'effect') return []
    const paint = paintOfPigment(pigment)
    const { masstone } = viewOfPaint(paint)
    if (!masstone || !CLOSES[kind](paint)) return []
    if (kind === 'something that granulates' && granulationOf(paint) < CLEARLY) return []
    const fast = levelOn(LIGHTFASTNESSES, propertiesOf(paint).lightfastness?.value)
    const { L, C } = toLch(masstone)
    return [{ pigment, paint, score: (fast === 0 ? 200 : fast === 1 ? 150 : 0) + (kind === 'deep dark' ? -L : C) }]
  })
    .sort((p, q) => q.score - p.score || (p.pigment.id < q.pigment.id ? -1 : 1))
    .slice(0, most)
}
