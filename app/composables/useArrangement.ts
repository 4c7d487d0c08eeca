import type { Palette } from '@juxtachrome/core/documents'
import type { Arrangement, Order } from '@juxtachrome/core/arranging'
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { useCollection } from '~/stores/collection'
import { useCore } from './useCore'

/** An order of a palette's paints, kept up as the palette changes; without an order, the plan as it stands. */
export function useArrangement(palette: () => Palette, order: Ref<Order | undefined>) {
  const collection = useCollection()
  const arrangement = shallowRef<Arrangement>()
  const trouble = ref('')
  const revision = ref(0)
  let session: { close(): void } | undefined

  watch(
    [order, () => palette().id],
    () => {
      session?.close()
      session = undefined
      trouble.value = ''
      if (!order.value) return
      session = useCore().open(
        'arrangeInOrder',
        { paletteId: palette().id, order: order.value },
        {
          progress: ({ best }) => (arrangement.value = best),
          answer: (result, answered) => {
            revision.value = answered
            trouble.value = result.ok ? '' : result.error.message
            if (result.ok) arrangement.value = result.value
          },
        },
      )
    },
    { immediate: true },
  )
  watch(
    [order, palette],
    () => {
      if (!order.value) arrangement.value = { plan: palette().plan, moved: [] }
    },
    { immediate: true },
  )
  onScopeDispose(() => session?.close())

  /** Whether the answer speaks of the palette as it is now. */
  const isFresh = () => revision.value >= collection.core.changedAt('palettes')
  return { arrangement, trouble, isFresh }
}
