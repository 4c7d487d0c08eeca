import type { Holder } from '@juxtachrome/core/documents'
import { HOLDER_GROUPS, HOLDERS } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'

const USUAL = 7

/** Boxes to choose from: one's own, and those that come with the application. */
export function useHolders() {
  const collection = useCollection()
  const groups = computed((): { label: string; holders: readonly Holder[] }[] => [
    { label: 'The usual', holders: HOLDERS.slice(0, USUAL) },
    ...(collection.holders.length ? [{ label: 'Drawn by you', holders: collection.holders }] : []),
    ...HOLDER_GROUPS,
  ])
  const all = computed((): readonly Holder[] => [...collection.holders, ...HOLDERS])
  const choices = computed(() =>
    all.value.map((h) => ({ id: h.id, text: `${h.name}, ${counted(h.places.length, 'place')}` })),
  )
  return { groups, all, choices, byId: (id: string) => all.value.find((h) => h.id === id) }
}
