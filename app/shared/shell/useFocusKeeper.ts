import { useEventListener } from '@vueuse/core'

const FOCUSABLE =
  'button:not(:disabled), a[href], input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]'

/** Long enough for a screen to have changed after a command, ms. */
const SETTLED = 120

/**
 * Focus never falls to the page's body: where what had it is gone after a command, it goes to what now stands nearest,
 * so that the keyboard and a screen reader go on where the work goes on.
 */
export function useFocusKeeper() {
  let path: Element[] = []
  /** Where the focus was before a dialog took it. */
  let before: Element[] = []
  let timer: ReturnType<typeof setTimeout> | undefined

  useEventListener(document, 'focusin', (event) => {
    clearTimeout(timer)
    if (!path.some(isInDialog)) before = path
    path = []
    for (let el = event.target as Element | null; el && el !== document.body; el = el.parentElement) path.push(el)
  })
  const look = () => {
    clearTimeout(timer)
    timer = setTimeout(keep, SETTLED)
  }
  useEventListener(document, ['click', 'submit', 'keyup', 'change'], look, { capture: true })

  function keep() {
    const { activeElement } = document
    if (activeElement && activeElement !== document.body) return
    const [lost] = path
    // a click beside everything takes the focus away on purpose: what had it still stands there
    if (!lost || (lost.isConnected && isSeen(lost))) return
    const stands = (el: Element) => el.isConnected && isSeen(el) && !isShell(el)
    // where nothing of it is left, as on another screen: what that screen is about
    const home = path.find(stands) ?? before.find(stands) ?? document.querySelector('#main h1') ?? undefined
    if (!home) return
    const next = home.matches(FOCUSABLE) ? home : ([...home.querySelectorAll(FOCUSABLE)].find(isSeen) ?? home)
    if (!next.matches(FOCUSABLE)) next.setAttribute('tabindex', '-1')
    ;(next as HTMLElement).focus({ preventScroll: true })
  }
}

/** What a closed dialog leaves behind: its focus goes back to where the dialog was opened, and what opens next takes its own. */
const isShell = (el: Element) => Boolean(el.closest('#headlessui-portal-root')) && !el.closest('[role=dialog]')

const isInDialog = (el: Element) => el.matches('[role=dialog]')

const isSeen = (el: Element) => el.getClientRects().length > 0 && !(el as HTMLButtonElement).disabled
