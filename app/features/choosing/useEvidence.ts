import { isUsable, plannedPaints, type Palette } from '@juxtachrome/core/documents'
import { supplyOf } from '@juxtachrome/core/order'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { useCollection } from '~/stores/collection'

/** What speaks for a paint beside its colour: what is owned of it, and in how many other palettes it is planned. */
export function useEvidence(palette: MaybeRefOrGetter<Palette>) {
  const collection = useCollection()
  const elsewhere = computed(() => {
    const counts = new Map<string, number>()
    for (const other of collection.palettes)
      if (other.id !== toValue(palette).id)
        for (const id of plannedPaints(other)) counts.set(id, (counts.get(id) ?? 0) + 1)
    return counts
  })
  return (id: string) => ({
    items: collection.itemsOf(id).filter(isUsable).length,
    supply: supplyOf(collection.itemsOf(id)),
    palettes: elsewhere.value.get(id) ?? 0,
  })
}
