import type { Palette } from '@juxtachrome/core/documents'
import type { Arranged, Blend } from '@juxtachrome/core/arranging'
import { ref, shallowRef, watch, type Ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { useArrangeRequest } from './useArrangeRequest'
import { useSession } from '~/shared/questions/useSession'

/** The best arrangement of a palette for a blend, kept up as the palette changes; without a blend, the plan as it stands. */
export function useArrangement(palette: () => Palette, blend: Readonly<Ref<Blend | undefined>>) {
  const collection = useCollection()
  const request = useArrangeRequest()
  const arrangement = shallowRef<Arranged>()
  const revision = ref(0)
  const { trouble } = useSession('arrangePalette', () => blend.value && request(palette().id, blend.value), {
    progress: ({ best }) => best && (arrangement.value = best),
    answer: (value, answered) => {
      revision.value = answered
      arrangement.value = value
    },
  })
  watch(
    [blend, palette],
    () => {
      if (!blend.value) arrangement.value = { plan: palette().plan, moved: [], scores: [], broken: [] }
    },
    { immediate: true },
  )

  /** The state of the collection in which what is arranged last changed. */
  let changed = collection.core.revision
  watch(
    [() => palette().plan, () => palette().holder, () => palette().apart],
    () => (changed = collection.core.revision),
    {
      flush: 'sync',
    },
  )
  /** Whether the answer speaks of the palette as it is now. */
  const isFresh = () => revision.value >= changed
  return { arrangement, trouble, isFresh }
}
