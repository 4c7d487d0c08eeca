import { useIntersectionObserver } from '@vueuse/core'
import { ref, type Ref } from 'vue'

/** The longest that something in sight waits for the page to have nothing else to do, ms. */
const PATIENCE = 1500

/** Whether something has come into sight and the page was idle since: what is costly to fetch waits for both. */
export function useSeen(element: Ref<HTMLElement | undefined>) {
  const seen = ref(false)
  const { stop } = useIntersectionObserver(element, (entries) => {
    if (!entries.some((e) => e.isIntersecting)) return
    stop()
    requestIdleCallback(() => (seen.value = true), { timeout: PATIENCE })
  })
  return seen
}
