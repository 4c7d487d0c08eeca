import { useEventListener } from '@vueuse/core'
import { keySequences } from '~/shared/keys/keys'
import { useAppCommands } from './useAppCommands'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
/** Fields that take back what was typed in them by themselves. */
const isText = (target: EventTarget | null) =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && /^(text|search|number|email|url|tel|password)$/.test(target.type))

/** Keys that work everywhere. Those of commands that are not meant for it wait until no field has the focus. */
export function useShortcuts() {
  const commands = useAppCommands()
  const complete = keySequences()
  /** The field in which something was typed since it got the focus. */
  let typedIn: EventTarget | null = null
  useEventListener(document, 'focusin', () => (typedIn = null))
  useEventListener(document, 'input', (event) => isText(event.target) && (typedIn = event.target))

  useEventListener(document, 'keydown', (event) => {
    const inDialog = document.querySelector('[role="dialog"]') !== null
    const busy = isTyping(event.target) || inDialog
    const isUntouched = !inDialog && event.target !== typedIn
    const able = commands.value.filter((c) => c.keys && (!busy || c.always || (c.inFields && isUntouched)))
    const keys = complete(
      event,
      able.flatMap((c) => c.keys ?? []),
    )
    const command = able.find((c) => keys !== undefined && c.keys === keys)
    if (!command) return
    event.preventDefault()
    void command.run()
  })
}
