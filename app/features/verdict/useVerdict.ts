import type { Assessment } from '@juxtachrome/core/choosing'
import { ref, shallowRef, toValue, type MaybeRefOrGetter } from 'vue'
import { useMixtureIndexes } from '~/shared/questions/useMixtureIndexes'
import { useSession } from '~/shared/questions/useSession'
import { keptResults } from '~/stores/derived'

/** What was last said of each palette in this window: read while it is worked out anew. */
const last = new Map<string, Assessment>()

/** The verdict of a palette as it follows every change, with what is still being worked out for it; none where none is wanted. */
export function useVerdict(paletteId: MaybeRefOrGetter<string | undefined>) {
  const indexes = useMixtureIndexes()
  const verdict = shallowRef<Assessment>()
  const isStale = ref(false)
  const wanted = () => toValue(paletteId)
  const asked = () => {
    const id = wanted()
    return id === undefined ? undefined : { paletteId: id }
  }
  /** What was said at an earlier visit, in grey, until something newer is known; whether it still holds is seen then. */
  async function recall(request: { paletteId: string } | undefined) {
    const kept = request && (await keptResults.readAnswer('assessPalette', request))
    if (!kept || verdict.value?.reach || wanted() !== request.paletteId) return
    verdict.value = kept.value as Assessment
    isStale.value = true
  }
  const { trouble } = useSession('assessPalette', asked, {
    begins: () => {
      verdict.value = last.get(wanted() ?? '')
      isStale.value = verdict.value !== undefined
      if (!verdict.value) void recall(asked())
    },
    progress: ({ soFar }) => {
      // what is not worked out anew yet is better read as it was than not at all
      if (soFar && (soFar.reach || !verdict.value)) verdict.value = { ...verdict.value, ...soFar }
      isStale.value = true
    },
    answer: (value) => {
      verdict.value = value
      isStale.value = false
      last.set(wanted() ?? '', value)
    },
  })

  /** What of the verdict's needs is being worked out, or was stopped. */
  const waiting = indexes.waitingFor(() => verdict.value?.needs.map((n) => n.key) ?? [])
  return { verdict, isStale, trouble, waiting, stop: indexes.stop, goOn: indexes.goOn }
}
