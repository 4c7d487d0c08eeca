import { useEventListener } from '@vueuse/core'

/** What may be pressed again and again: steppers, undo. */
const REPEATS = '[data-repeats]'
const PRESSED = 'button, a, summary, [type="submit"]'

/**
 * A second click of a double click, and a key held down, do nothing: what a button became under the pointer must not
 * be set off by the click that came before. A double click as such is still heard.
 */
export function useSteadyHands() {
  /** Whoever typed in between meant both clicks. */
  let typedSince = false
  useEventListener(
    document,
    'click',
    (event) => {
      const target = event.target as Element
      const isMeant = typedSince
      typedSince = false
      if (isMeant || event.detail < 2 || !target.closest(PRESSED) || target.closest(REPEATS)) return
      event.preventDefault()
      event.stopPropagation()
    },
    { capture: true },
  )
  useEventListener(
    document,
    'keydown',
    (event) => {
      typedSince = true
      const target = event.target as Element
      if (!event.repeat || event.key !== 'Enter' || target.tagName === 'TEXTAREA' || target.closest(REPEATS)) return
      event.preventDefault()
    },
    { capture: true },
  )
}
