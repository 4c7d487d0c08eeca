import { useEventListener, useWakeLock } from '@vueuse/core'
import { nextTick, onMounted, onScopeDispose, ref, watch, type Ref } from 'vue'

/**
 * One step at a time with hands that are busy: the screen stays awake, the focus goes to the button that leads on after
 * every step, and single keys do what they are given to do.
 */
export function useAtTheTable(step: Readonly<Ref<unknown>>, keys: Readonly<Record<string, () => void>>) {
  const main = ref<HTMLButtonElement>()
  watch(step, async () => {
    await nextTick()
    main.value?.focus()
  })
  const wake = useWakeLock()
  onMounted(() => {
    void wake.request('screen').catch(() => undefined)
    main.value?.focus()
  })
  onScopeDispose(() => void wake.release().catch(() => undefined))
  useEventListener(document, 'keydown', (e: KeyboardEvent) => {
    if (e.ctrlKey || e.metaKey || e.altKey || (e.target as HTMLElement).closest('input, select, textarea')) return
    if (!Object.hasOwn(keys, e.key)) return
    keys[e.key]!()
    e.preventDefault()
  })
  return { main }
}
