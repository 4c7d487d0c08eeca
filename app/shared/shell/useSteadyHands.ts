import { useEventListener } from '@vueuse/core'

/** What may be pressed again and again: steppers, undo. */
const REPEATS = '[data-repeats]'
const PRESSED = 'button, a, summary, [type="submit"]'

/** How soon a second Enter is taken for a bounce of the first, ms. */
const BOUNCE = 500

/**
 * A second click of a double click, a second Enter right after the first, and a key held down, do nothing: what a button became under the pointer must not
 * be set off by the click that came before. A double click as such is still heard.
 */
export function useSteadyHands() {
  /** Whoever typed in between meant both clicks. */
  let typedSince = false
  /** When Enter was pressed last with nothing typed since. */
  let enteredAt = -BOUNCE
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
      if (event.key !== 'Enter') {
        enteredAt = -BOUNCE
        return
      }
      const now = performance.now()
      const isBounce = event.repeat || now - enteredAt < BOUNCE
      enteredAt = now
      if (!isBounce || target.tagName === 'TEXTAREA' || target.closest(REPEATS)) return
      event.preventDefault()
      event.stopPropagation()
    },
    { capture: true },
  )
}
