import { registerSW } from 'virtual:pwa-register'
import { ref } from 'vue'
import { useCopies } from '~/stores/copies'

/** `ready`: a newer Juxtachrome waits to be taken. `elsewhere`: another window took it; this one goes on with the old. */
const update = ref<'none' | 'ready' | 'elsewhere'>('none')
let takeIt: (() => Promise<void>) | undefined
let isAskedHere = false

/** Registers what makes the application work offline, and hears of newer versions. No window is reloaded unasked. */
export function watchForUpdates(): void {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  takeIt = registerSW({
    immediate: true,
    onNeedRefresh: () => (update.value = 'ready'),
    onNeedReload: () => {
      if (isAskedHere) window.location.reload()
      else update.value = 'elsewhere'
    },
    // a browser that allows no site data still shows the application, only not offline
    onRegisterError: () => undefined,
  })
}

export function useUpdate() {
  return {
    update,
    take: () => {
      isAskedHere = true
      if (update.value === 'elsewhere') window.location.reload()
      else
        void useCopies()
          .pointBefore('the update')
          .finally(() => takeIt?.())
    },
    later: () => (update.value = 'none'),
  }
}
