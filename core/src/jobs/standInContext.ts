import type { Reading } from '../collection/reading'
import { itemsByPaint, paintJudged, paintsJudged } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { plannedPaints } from '../documents/plan'
import { observationsIn } from '../mixing/observations'
import { strengthsIn } from '../mixing/strengths'
import type { StandInContext } from '../standins/judge'

const NONE = new Map<string, never>()

/** What stand-ins in a palette are judged by, from the collection as it is. */
export function standInContextOf(reading: Reading, palette: Palette | undefined): StandInContext {
  const items = itemsByPaint(reading) ?? NONE
  const spared = palette?.brief?.spare
  return {
    palette: palette ? [...plannedPaints(palette)].flatMap((id) => paintJudged(reading, id) ?? []) : [],
    owned: paintsJudged(reading),
    itemsOf: (id) => items.get(id) ?? [],
    strengths: strengthsIn(reading),
    observations: observationsIn(reading),
    ...(spared?.length ? { spared: new Set(spared) } : {}),
  }
}
