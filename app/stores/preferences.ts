import { usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'
import * as z from 'zod/mini'
import { kept } from './kept'

/** How this person likes to look at things; kept on this device, not in the collection. */
export const usePreferences = defineStore('preferences', () => {
  const theme = kept('jx-theme', z.enum(['system', 'light', 'dark']), 'system')
  const ground = kept('jx-ground', z.enum(['paper', 'grey']), 'paper')
  const mirrored = kept('jx-mirrored', z.boolean(), false)
  /** Whether what the whole collection mixes is worked out by itself; on a slow machine it may wait to be asked. */
  const reckon = kept('jx-reckon', z.enum(['by itself', 'when asked']), 'by itself')
  /** Whether sentences of judgement show their figures beside them. */
  const figures = kept('jx-figures', z.boolean(), false)
  /** Whether swatches are plain bands everywhere, not strokes of the brush. */
  const plainSwatches = kept('jx-plain', z.boolean(), false)
  const prefersDark = usePreferredDark()
  const dark = computed(() => theme.value === 'dark' || (theme.value === 'system' && prefersDark.value))

  watchEffect(() => {
    document.documentElement.classList.toggle('dark', dark.value)
    document.documentElement.dataset.ground = ground.value
  })

  return { theme, ground, mirrored, reckon, figures, plainSwatches, dark }
})
