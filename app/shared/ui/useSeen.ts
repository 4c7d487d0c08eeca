import { useIntersectionObserver } from '@vueuse/core'
import { ref, type Ref } from 'vue'

/** The longest that something in sight waits for the page to have nothing else to do, ms. */
const PATIENCE = 1500

/** Where the browser does not say when it is idle, shortly after what is going on now. */
function whenIdle(work: () => void): void {
  if (typeof requestIdleCallback === 'function') requestIdleCallback(work, { timeout: PATIENCE })
  else setTimeout(work, 200)
}

/** Whether something has come into sight and the page was idle since: what is costly to fetch waits for both. */
export function useSeen(element: Ref<HTMLElement | undefined>) {
  const seen = ref(false)
  const { stop } = useIntersectionObserver(element, (entries) => {
    if (!entries.some((e) => e.isIntersecting)) return
    stop()
    whenIdle(() => (seen.value = true))
  })
  return seen
}
