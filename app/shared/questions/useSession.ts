import type { Problem } from '@juxtachrome/core/result'
import { same } from '@juxtachrome/core/documents'
import { onScopeDispose, ref, watch } from 'vue'
import type { JobName, ProgressOf, RequestOf, ValueOf } from '~/workers/client'
import { useCore } from './useCore'

interface Hearing<N extends JobName> {
  /** Another question, or none, is asked from now on. */
  begins?: () => void
  progress?: (progress: ProgressOf<N>) => void
  answer: (value: ValueOf<N>, revision: number) => void
  refused?: (why: Problem) => void
}

/**
 * A question that stays open for as long as the panel is there, and is answered again whenever something that it was read
 * from changed. Asked anew when the request becomes another; not asked while there is none.
 */
export function useSession<N extends JobName>(name: N, request: () => RequestOf<N> | undefined, hearing: Hearing<N>) {
  const core = useCore()
  const isWorking = ref(false)
  const trouble = ref('')
  let session: { close(): void } | undefined

  function open(asked: RequestOf<N> | undefined) {
    session?.close()
    session = undefined
    trouble.value = ''
    isWorking.value = asked !== undefined
    hearing.begins?.()
    if (asked === undefined) return
    session = core.open(name, asked, {
      progress: hearing.progress,
      answer: (answer, revision) => {
        isWorking.value = false
        trouble.value = answer.ok ? '' : answer.error.message
        if (answer.ok) hearing.answer(answer.value, revision)
        else hearing.refused?.(answer.error)
      },
    })
  }
  watch(request, (now, before) => (now === undefined || !same(now, before) ? open(now) : undefined), {
    immediate: true,
  })
  onScopeDispose(() => session?.close())
  return { isWorking, trouble }
}
