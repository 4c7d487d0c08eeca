import { homeOf, isPlace, type Naming, type PlaceRef, type VesselRef } from '@juxtachrome/core/documents'
import { useItemWords } from './itemWords'
import { useCollection } from '~/stores/collection'

/** How paints, items, vessels and places are called in words: within one palette short, elsewhere with the palette. */
export function useNaming(here?: () => string | undefined): Naming {
  const collection = useCollection()
  const { itemInWords } = useItemWords()

  function place({ paletteId, placeId }: PlaceRef): string {
    if (paletteId === here?.()) return placeId
    return `${placeId} of ${collection.palette(paletteId)?.name ?? 'a palette no longer here'}`
  }
  function vessel(ref: VesselRef): string {
    if (isPlace(ref)) return place(ref)
    const { at } = collection.ledger.whole.vessel(ref.vesselId)
    if (at) return place(at)
    const home = homeOf(ref.vesselId)
    if (home) return `the pan of ${place(home)}`
    const label = collection.pan(ref.vesselId)?.label
    return label ? `the pan “${label}”` : 'a loose pan'
  }
  return {
    paint: (paintId) => collection.paint(paintId)?.name ?? 'a paint no longer listed',
    item(itemId) {
      const item = collection.core.get('items', itemId)
      return item ? `the ${itemInWords(item)}` : 'a tube no longer listed'
    },
    vessel,
    place,
  }
}

/** As `useNaming`, but a vessel is called by where it came from, wherever it is by now: for what was done long ago. */
export function useNamingByHome(): Naming {
  const collection = useCollection()
  const name = useNaming()
  function vessel(ref: VesselRef): string {
    const home = isPlace(ref) ? undefined : homeOf(ref.vesselId)
    if (!home) return name.vessel(ref)
    const place = collection.core.get('palettes', home.paletteId)?.holder.places.find((p) => p.id === home.placeId)
    return place?.container === 'well' ? name.place(home) : `the pan of ${name.place(home)}`
  }
  return { ...name, vessel }
}
