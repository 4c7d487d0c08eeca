import type { Result } from '@juxtachrome/core/result'
import { dayOf } from '@juxtachrome/core/units'
import { replacedInWords, wouldReplace, type Contents } from '@juxtachrome/core/collection'
import { useCollection } from '~/stores/collection'
import { useCopies } from '~/stores/copies'
import { useExchange } from '~/stores/exchange'
import { useKeeper } from '~/stores/keeper'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'
import { useServed } from '~/shared/files/served'
import { useAsk } from '~/shared/ui/useAsk'
import { readCollectionFile } from '~/shared/files/readCollectionFile'

/** Opens the collection, and the demo where the server was started to show it and nothing is here yet. */
export function useStart() {
  const keeper = useKeeper()
  const collection = useCollection()
  const notices = useNotices()
  const served = useServed()

  async function fetchDemo(): Promise<Result<Contents>> {
    try {
      const response = await fetch(served.demo(dayOf(new Date())))
      if (!response.ok)
        return { ok: false, error: { code: 'no-demo', message: `The demo could not be fetched (${response.status}).` } }
      return await readCollectionFile(await response.blob()).result
    } catch {
      return {
        ok: false,
        error: {
          code: 'no-demo',
          message: 'The demo comes from the server, and it does not answer. Try again when it runs.',
        },
      }
    }
  }

  /** Asks before the demo takes the place of what was changed in it since. */
  async function mayReplace(demo: Contents): Promise<boolean> {
    const replaced = replacedInWords(wouldReplace(demo, collection.core))
    const text = `You changed some of the demo: ${replaced}. Adding it again takes your changes back. What is here now stays on this device as a copy: see Data.`
    return !replaced || useAsk().ask({ title: 'Add the demo again?', text, yes: 'Take my changes back' })
  }

  async function openDemo(): Promise<boolean> {
    const demo = await fetchDemo()
    if (demo.ok && !(await mayReplace(demo.value))) return false
    if (demo.ok) await useCopies().pointBefore('adding the demo')
    const put = demo.ok ? await useExchange().putAll(demo.value, 'add') : demo
    if (put.ok) await keeper.markStarted()
    else notices.trouble(put.error.message)
    return put.ok
  }

  async function start(progress?: (done: number, of: number) => void) {
    const opened = await keeper.open(progress)
    if (opened.ok) {
      useUndo().takeUp()
      void useCopies().begin()
    }
    if (!opened.ok || !collection.isEmpty || (await keeper.hasStarted())) return
    if (!served.health) return
    const health = await fetch(served.health)
      .then((r) => r.json() as Promise<{ demo?: boolean }>)
      .catch(() => ({ demo: false }))
    if (health.demo) await openDemo()
  }

  return { start, openDemo }
}
