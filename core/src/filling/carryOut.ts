import type { Event } from '../documents/journal/event'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { mainPaintOf, type PaletteState } from '../ledger/stays'

/**
 * The exchanges of pans that bring every paint that already lies in the palette to its planned
 * place, one after the other, each at most one exchange a place. Wells are part of the box: what
 * lies in them stays.
 */
export function exchangesToPlan(palette: Palette, state: PaletteState, day: string): Event[] {
  const pans = palette.holder.places.filter((p) => p.container !== 'well').map((p) => p.id)
  const lies = new Map(pans.map((id) => [id, mainPaint(state, id)]))
  const events: Event[] = []
  for (const to of pans) {
    const wanted = planAt(palette, to)?.paintId
    if (!wanted || lies.get(to) === wanted) continue
    const from = pans.find((id) => lies.get(id) === wanted && planAt(palette, id)?.paintId !== wanted)
    if (!from) continue
    const place = { paletteId: palette.id, placeId: from }
    events.push({ kind: 'exchange', day, place, other: { paletteId: palette.id, placeId: to } })
    const displaced = lies.get(to)
    lies.set(to, wanted)
    lies.set(from, displaced)
  }
  return events
}

function mainPaint(state: PaletteState, placeId: string): string | undefined {
  const content = state.get(placeId)?.content
  return content && mainPaintOf(content)
}
