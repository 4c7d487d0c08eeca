import type { Palette } from '@juxtachrome/core/documents'
import type { Arranged, Blend } from '@juxtachrome/core/arranging'
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { usePreferences } from '~/stores/preferences'
import { useCollection } from '~/stores/collection'
import { useArrangeRequest } from './useArrangeRequest'
import { useCore } from './useCore'

/** The best arrangement of a palette for a blend, kept up as the palette changes; without a blend, the plan as it stands. */
export function useArrangement(palette: () => Palette, blend: Readonly<Ref<Blend | undefined>>) {
  const collection = useCollection()
  const preferences = usePreferences()
  const request = useArrangeRequest()
  const arrangement = shallowRef<Arranged>()
  const trouble = ref('')
  const revision = ref(0)
  let session: { close(): void } | undefined

  watch(
    [blend, () => palette().id, () => preferences.mirrored],
    () => {
      session?.close()
      session = undefined
      trouble.value = ''
      if (!blend.value) return
      session = useCore().open('arrangePalette', request(palette().id, blend.value), {
        progress: ({ best }) => best && (arrangement.value = best),
        answer: (result, answered) => {
          revision.value = answered
          trouble.value = result.ok ? '' : result.error.message
          if (result.ok) arrangement.value = result.value
        },
      })
    },
    { immediate: true },
  )
  watch(
    [blend, palette],
    () => {
      if (!blend.value) arrangement.value = { plan: palette().plan, moved: [], scores: [], broken: [] }
    },
    { immediate: true },
  )
  onScopeDispose(() => session?.close())

  /** Whether the answer speaks of the palette as it is now. */
  const isFresh = () => revision.value >= collection.core.changedAt('palettes')
  return { arrangement, trouble, isFresh }
}
