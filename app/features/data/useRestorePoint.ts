import { useAsk } from '~/shared/ui/useAsk'
import { useCopies } from '~/stores/copies'

/** Said before something takes the place of what is here. */
const STAYS = 'What is here now stays on this device as a copy, and can be taken back from Data.'

/** Keeps what is here before something takes its place. */
export function useRestorePoint() {
  const { ask } = useAsk()

  /** Whether it was kept, or the person goes on without. */
  async function mayGoOn(before: string): Promise<boolean> {
    const kept = await useCopies().pointBefore(before)
    if (kept.ok) return true
    const text = `What is here now could not be kept as a copy on this device. ${kept.error.message} Export it first, or go on without a copy.`
    return ask({ title: 'Go on without a copy?', text, yes: 'Go on without a copy' })
  }
  return { mayGoOn, STAYS }
}
