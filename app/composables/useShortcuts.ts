import { useEventListener } from '@vueuse/core'
import { useJournal } from '~/stores/undo'
import { useCommandPalette } from './useAppCommands'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))

/** Keys that work everywhere. Single letters wait until no field has the focus. */
export function useShortcuts() {
  const router = useRouter()
  const journal = useJournal()
  const { open, help } = useCommandPalette()
  const GO: Record<string, string> = { t: '/', p: '/paints', l: '/palettes', i: '/pigments', b: '/bench', d: '/data' }
  let wentAt = 0

  useEventListener(document, 'keydown', (event) => {
    const key = event.key.toLowerCase()
    const command = event.ctrlKey || event.metaKey
    if (command && key === 'k') {
      event.preventDefault()
      open.value = !open.value
      return
    }
    if (isTyping(event.target) || document.querySelector('[role="dialog"]')) return
    if (command && (key === 'y' || (key === 'z' && event.shiftKey))) {
      event.preventDefault()
      journal.redo()
    } else if (command && key === 'z') {
      event.preventDefault()
      journal.undo()
    } else if (!command && !event.altKey) letter(key, event)
  })

  function letter(key: string, event: KeyboardEvent) {
    if (Date.now() - wentAt < 1200 && GO[key]) {
      wentAt = 0
      void router.push(GO[key])
    } else if (key === 'g') wentAt = Date.now()
    else if (key === '?') help.value = true
    else if (key === 'a') void router.push('/paints?add=1')
    else if (key === '/') {
      const search = document.querySelector<HTMLInputElement>('input[type="search"]')
      if (search) event.preventDefault()
      search?.focus()
    }
  }
}
