import { byKinds } from '../collection/caches'
import type { Collection } from '../collection/collection'
import { itemsByPaint, paintsIn, recipesIn } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { plannedPaints } from '../documents/plan'
import { observationOf } from '../mixing/observations'
import { strengthsIn } from '../mixing/strengths'
import type { StandInContext } from '../standins/judge'

const NONE = new Map<string, never>()
const observationsIn = byKinds(['recipes'], (c) => recipesIn(c).flatMap((r) => observationOf(r) ?? []))

/** What stand-ins in a palette are judged by, from the collection as it is. */
export function standInContextOf(collection: Collection, palette: Palette | undefined): StandInContext {
  const items = itemsByPaint(collection) ?? NONE
  const spared = palette?.brief?.spare
  return {
    palette: palette ? [...plannedPaints(palette)].flatMap((id) => collection.get('paints', id) ?? []) : [],
    owned: paintsIn(collection),
    itemsOf: (id) => items.get(id) ?? [],
    strengths: strengthsIn(collection),
    observations: observationsIn(collection),
    ...(spared?.length ? { spared: new Set(spared) } : {}),
  }
}
