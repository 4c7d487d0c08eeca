import { toLch } from '../colour'
import type { GapKind } from '../choosing/verdict/assessment'
import type { Paint } from '../documents/paint'
import { paintOfPigment } from '../standins/sought'
import { viewOfPaint, type PaintView } from '../paints/view'
import { propertiesOf } from '../paints/properties'
import { GRANULATIONS, levelOn, LIGHTFASTNESSES } from '../pigments/scales'
import { REFERENCE_PIGMENTS, type ReferencePigment } from '../pigments/reference'

/** What a paint must be to close a gap. */
const CLOSES: Record<GapKind, (view: PaintView) => boolean> = {
  yellow: (v) => v.family === 'yellow',
  red: (v) => v.family === 'red',
  blue: (v) => v.family === 'blue',
  'cool yellow': (v) => v.family === 'yellow' && v.lean?.temperature === 'cool',
  'warm red': (v) => v.family === 'red' && v.lean?.temperature === 'warm',
  'cool red': (v) => v.family === 'red' && v.lean?.temperature === 'cool',
  'blue that leans green': (v) => v.family === 'blue' && v.lean?.toward === 'green',
  'clean green': (v) => v.family === 'green',
  'clean orange': (v) => v.family === 'orange',
  'clean violet': (v) => v.family === 'violet',
  'deep dark': (v) => (v.masstone?.L ?? 100) < DARK,
  earth: (v) => v.family === 'earth',
  'opaque light': (v) => (v.masstone?.L ?? 0) > 85,
  'something that granulates': (v) => levelOn(GRANULATIONS, propertiesOf(v.paint).granulation?.value) >= 2,
  'something smooth': (v) => levelOn(GRANULATIONS, propertiesOf(v.paint).granulation?.value) === 0,
}
/** A masstone below this L* is a deep dark (judgement, as the verdict has it). */
const DARK = 25

/**
 * Pigments of the reference that close a gap, the best first: lightfast ones, and of those the cleanest, or the darkest
 * where a dark is missing. Only what is sold as a paint of one pigment.
 */
export function closersOf(kind: GapKind, most = 3): { pigment: ReferencePigment; paint: Paint }[] {
  const closes = CLOSES[kind]
  return REFERENCE_PIGMENTS.flatMap((pigment) => {
    if (!pigment.code || pigment.kind === 'effect') return []
    const paint = paintOfPigment(pigment)
    const view = viewOfPaint(paint)
    if (!view.masstone || !closes(view)) return []
    const fast = levelOn(LIGHTFASTNESSES, propertiesOf(paint).lightfastness?.value)
    const { L, C } = toLch(view.masstone)
    return [{ pigment, paint, score: (fast === 0 ? 200 : fast === 1 ? 150 : 0) + (kind === 'deep dark' ? -L : C) }]
  })
    .sort((p, q) => q.score - p.score || (p.pigment.id < q.pigment.id ? -1 : 1))
    .slice(0, most)
}
