import { homeOf, isPlace, samePlace, type Naming, type PlaceRef, type VesselRef } from '@juxtachrome/core/documents'
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
    paint(paintId) {
      const paint = collection.paint(paintId)
      return paint ? collection.called(paint) : 'a paint no longer listed'
    },
    item(itemId) {
      const item = collection.core.get('items', itemId)
      return item ? `the ${itemInWords(item)}` : 'a tube no longer listed'
    },
    vessel,
    place,
  }
}

/**
 * As `useNaming`, but of an entry of the journal, in the words of its day: a pan is called by where it lay then, and one
 * that lay nowhere by what is written under it, wherever it is by now.
 */
export function useNamingThen(here?: () => string | undefined): (entryId: string) => Naming {
  const collection = useCollection()
  const name = useNaming(here)
  return (entryId) => {
    const event = collection.ledger.whole.journal.get(entryId)?.event
    const into = event && 'place' in event ? (event.place as PlaceRef) : undefined
    const [then] = collection.ledger.whole.placesOf(entryId).filter((p) => !into || !samePlace(p, into))
    function vessel(ref: VesselRef): string {
      if (isPlace(ref)) return name.place(ref)
      const palette = then && collection.core.get('palettes', then.paletteId)
      const isWell = palette?.holder.places.find((p) => p.id === then?.placeId)?.container === 'well'
      if (then) return isWell || event?.kind === 'fill' ? name.place(then) : `the pan of ${name.place(then)}`
      const label = collection.pan(ref.vesselId)?.label
      if (label) return `the pan “${label}”`
      const home = homeOf(ref.vesselId)
      return home ? `the pan of ${name.place(home)}, which lay loose,` : 'a loose pan'
    }
    return { ...name, vessel }
  }
}
