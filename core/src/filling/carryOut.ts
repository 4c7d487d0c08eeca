import type { Event } from '../documents/journalEntry'
import type { Palette } from '../documents/palette'
import { mainPaintOf, type PaletteState, type PlaceState } from './places'

/**
 * The exchanges of pans that bring every paint that already lies in the palette to its planned
 * place, one after the other, each at most one exchange a place. Wells are part of the box: what
 * lies in them stays.
 */
export function exchangesToPlan(palette: Palette, state: PaletteState, day: string): Event[] {
  const pans = palette.holder.places.filter((p) => p.container !== 'well').map((p) => p.id)
  const lies = new Map(pans.map((id) => [id, mainPaint(state[id])]))
  const events: Event[] = []
  for (const to of pans) {
    const wanted = palette.plan[to]?.paintId
    if (!wanted || lies.get(to) === wanted) continue
    const from = pans.find((id) => lies.get(id) === wanted && palette.plan[id]?.paintId !== wanted)
    if (!from) continue
    events.push({ kind: 'exchange', day, paletteId: palette.id, placeId: from, otherPlaceId: to })
    const displaced = lies.get(to)
    lies.set(to, wanted)
    lies.set(from, displaced)
  }
  return events
}

const mainPaint = (place: PlaceState | undefined) => place?.content && mainPaintOf(place.content)
