import { useEventListener } from '@vueuse/core'
import { keySequences } from '~/shared/keys/keys'
import { useAppCommands } from './useAppCommands'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))

/** Keys that work everywhere. Those of commands that are not meant for it wait until no field has the focus. */
export function useShortcuts() {
  const commands = useAppCommands()
  const complete = keySequences()

  useEventListener(document, 'keydown', (event) => {
    const busy = isTyping(event.target) || document.querySelector('[role="dialog"]') !== null
    const able = commands.value.filter((c) => c.keys && (!busy || c.always))
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
