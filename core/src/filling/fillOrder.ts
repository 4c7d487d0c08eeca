import type { Item } from '../documents/item'
import type { FillEvent } from '../documents/journal/event'
import type { Paint } from '../documents/paint'
import type { Palette, Place } from '../documents/palette'
import { planAt } from '../documents/plan'
import type { PaletteState } from '../ledger/stays'
import { byLightness, viewOfPaint } from '../paints/view'
import { dryingDays, usualFilling } from './drying'

export interface PlaceToFill {
  place: Place
  paint: Paint
}

export interface FillQuestion {
  palette: Palette
  state: PaletteState
  paint: (id: string) => Paint | undefined
}

/** Planned places in which nothing lies, light colours first, so that no dark paint spoils them (common practice, no source). */
export function fillOrder({ palette, state, paint }: FillQuestion): PlaceToFill[] {
  return palette.holder.places
    .flatMap((place) => {
      const planned = paint(planAt(palette, place.id)?.paintId ?? '')
      return planned && !state.get(place.id)?.content ? [{ place, paint: planned }] : []
    })
    .sort((p, q) => byLightness(viewOfPaint(p.paint), viewOfPaint(q.paint)))
}

export interface Stock {
  /** Items to fill from, in any order. */
  itemsOf: (paintId: string) => readonly Item[]
  /** ml left in an item. */
  left: (item: Item) => number
}

/** Whether paint can be taken from an item. */
export const isUsable = ({ supply }: Pick<Item, 'supply'>): boolean => supply === 'open' || supply === 'sealed'

/** Items to fill from: open ones before sealed ones. */
export const itemsToFillFrom = (items: readonly Item[]): Item[] =>
  items.filter(isUsable).sort((p, q) => Number(q.supply === 'open') - Number(p.supply === 'open'))

/**
 * Fillings of a day for the places whose tubes hold the usual amount, each tube drawn from no further than it
 * goes. Places without such a tube are left out.
 */
export function usualFillings(
  places: readonly PlaceToFill[],
  { itemsOf, left }: Stock,
  vesselIn: (placeId: string) => FillEvent['vessel'],
  day: string,
): FillEvent[] {
  const drawn = new Map<string, number>()
  return places.flatMap(({ place, paint }): FillEvent[] => {
    const millilitres = usualFilling(place)
    const item = itemsToFillFrom(itemsOf(paint.id)).find((i) => left(i) - (drawn.get(i.id) ?? 0) >= millilitres)
    if (!item) return []
    drawn.set(item.id, (drawn.get(item.id) ?? 0) + millilitres)
    return [
      {
        kind: 'fill',
        day,
        vessel: vesselIn(place.id),
        itemId: item.id,
        paintId: paint.id,
        millilitres,
        dryingDays: dryingDays(place, millilitres),
      },
    ]
  })
}
