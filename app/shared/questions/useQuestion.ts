import { onScopeDispose, ref } from 'vue'
import type { JobName, ProgressOf, RequestOf, ValueOf } from '~/workers/client'
import { useCore } from './useCore'

/**
 * One question of a panel: what it says on the way, its answer, its trouble; asked anew, cancelled, and let go with the
 * panel. What a cancelled one had said so far stays.
 */
export function useQuestion<N extends JobName>(name: N) {
  const core = useCore()
  const isWorking = ref(false)
  const trouble = ref('')
  let asked: { cancel(): void } | undefined
  onScopeDispose(() => asked?.cancel())

  /** The answer; undefined when it was cancelled, refused or asked anew. */
  async function ask(
    request: RequestOf<N>,
    progress?: (p: ProgressOf<N>) => void,
    transfer: Transferable[] = [],
  ): Promise<ValueOf<N> | undefined> {
    asked?.cancel()
    trouble.value = ''
    isWorking.value = true
    const question = core.ask(name, request, { progress: (p) => asked === question && progress?.(p), transfer })
    asked = question
    const answer = await question.result
    if (asked !== question) return undefined
    asked = undefined
    isWorking.value = false
    if (answer.ok) return answer.value
    if (answer.error.code !== 'cancelled') trouble.value = answer.error.message
    return undefined
  }
  const cancel = () => asked?.cancel()
  return { ask, cancel, isWorking, trouble }
}
