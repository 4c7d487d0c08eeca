import type { Paint } from '../../documents/paint'
import type { Palette } from '../../documents/palette'
import { planAt } from '../../documents/plan'
import { cachedOptics } from '../../film/cachedOptics'
import type { Optics } from '../../film/optics'
import { asItMixes, type Learned } from '../../mixing/strengths'

/** A paint of a palette that predictions can be made with. */
export interface Usable {
  id: string
  paint: Paint
  placeId: string
  optics: Optics
}

export interface Sorted {
  /** Each paint once, at its first place. */
  usable: Usable[]
  left: { paintId: string; message: string }[]
  /** Every planned place with its paint. */
  places: { placeId: string; paint: Paint }[]
}

/** What is planned in a palette, sorted into what can be reckoned with and what cannot. */
export function plannedIn(palette: Palette, paintOf: (id: string) => Paint | undefined, strengths?: Learned): Sorted {
  const sorted: Sorted = { usable: [], left: [], places: [] }
  const seen = new Set<string>()
  for (const { id: placeId } of palette.holder.places) {
    const paint = paintOf(planAt(palette, placeId)?.paintId ?? '')
    if (!paint) continue
    sorted.places.push({ placeId, paint })
    if (seen.has(paint.id)) continue
    seen.add(paint.id)
    const optics = cachedOptics(paint)
    if (optics.ok)
      sorted.usable.push({ id: paint.id, paint, placeId, optics: asItMixes(optics.value, strengths, paint.id) })
    else sorted.left.push({ paintId: paint.id, message: optics.error.message })
  }
  return sorted
}

/** Sorted by paint, wherever they lie. */
export const byIdentity = (usable: readonly Usable[]): Usable[] =>
  [...usable].sort((p, q) => (p.id < q.id ? -1 : p.id > q.id ? 1 : 0))
