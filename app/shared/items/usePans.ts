import { homeOf, isGone, type PanSize, planAt, type Whereabouts } from '@juxtachrome/core/documents'
import type { LoosePan } from '@juxtachrome/core/filling'
import { isWet, mainPaintOf, type VesselState } from '@juxtachrome/core/ledger'
import { computed } from 'vue'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'

/** A pan outside of palettes, with what it holds and where it is. */
export interface PanRow {
  vesselId: string
  size: PanSize
  label: string
  vessel: VesselState
  whereabouts?: Whereabouts & { since: string }
}

/** Pans that lie in no palette, by the journal; and those in palettes, counted. */
export function usePans() {
  const collection = useCollection()
  const today = useToday()
  /** What a pan measures: as it was recorded, or as the place it came with. A well is no pan. */
  function sizeOf(vesselId: string): PanSize | undefined {
    const pan = collection.pan(vesselId)
    if (pan) return pan.size
    const home = homeOf(vesselId)
    const place =
      home && collection.core.get('palettes', home.paletteId)?.holder.places.find((p) => p.id === home.placeId)
    return place && place.container !== 'well' ? place.container : undefined
  }
  const loose = computed(() =>
    collection.ledger.whole.looseVessels().flatMap((vesselId): PanRow[] => {
      const size = sizeOf(vesselId)
      if (!size) return []
      const vessel = collection.ledger.whole.vessel(vesselId)
      const { whereabouts } = vessel
      return [
        {
          vesselId,
          size,
          label: collection.pan(vesselId)?.label ?? '',
          vessel,
          ...(whereabouts ? { whereabouts } : {}),
        },
      ]
    }),
  )
  /** Those that can be put into a palette. */
  const atHand = computed((): LoosePan[] =>
    loose.value
      .filter(({ whereabouts }) => !whereabouts || (!isGone(whereabouts) && whereabouts.kind !== 'lent'))
      .map(({ vesselId, size, vessel }) => ({
        vesselId,
        size,
        ...(vessel.content ? { paintId: mainPaintOf(vessel.content) } : {}),
        ...(vessel.content && isWet(vessel.content, today.value) ? { wetUntil: vessel.content.dryFrom } : {}),
      })),
  )
  /** How many pan places of each palette hold paint, and how many there are. */
  const inPalettes = computed(() =>
    collection.palettes.flatMap((palette) => {
      const places = palette.holder.places.filter((p) => p.container !== 'well')
      if (places.length === 0) return []
      const state = collection.ledger.places(palette.id)
      const filled = places.filter((p) => state.get(p.id)?.content).length
      const planned = places.filter((p) => planAt(palette, p.id)?.paintId).length
      return [{ palette, places: places.length, filled, planned }]
    }),
  )
  return { loose, atHand, inPalettes, sizeOf }
}
