import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'

/** How this person likes to look at things; kept on this device, not in the collection. */
export const usePreferences = defineStore('preferences', () => {
  const theme = useLocalStorage<'system' | 'light' | 'dark'>('jx-theme', 'system')
  const ground = useLocalStorage<'paper' | 'grey'>('jx-ground', 'paper')
  const mirrored = useLocalStorage('jx-mirrored', false)
  const prefersDark = usePreferredDark()
  const dark = computed(() => theme.value === 'dark' || (theme.value === 'system' && prefersDark.value))

  watchEffect(() => {
    document.documentElement.classList.toggle('dark', dark.value)
    document.documentElement.dataset.ground = ground.value
  })

  return { theme, ground, mirrored, dark }
})
