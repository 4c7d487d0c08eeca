import type { Assessment } from '@juxtachrome/core/choosing'
import { ref, shallowRef, type Ref } from 'vue'
import { useMixtureIndexes } from '~/shared/questions/useMixtureIndexes'
import { useSession } from '~/shared/questions/useSession'

/** What was last said of each palette in this window: read while it is worked out anew. */
const last = new Map<string, Assessment>()

/** The verdict of a palette as it follows every change, with what is still being worked out for it; none where none is wanted. */
export function useVerdict(paletteId: Readonly<Ref<string>>, isWanted = true) {
  const indexes = useMixtureIndexes()
  const verdict = shallowRef<Assessment>()
  const isStale = ref(false)
  const { trouble } = useSession('assessPalette', () => (isWanted ? { paletteId: paletteId.value } : undefined), {
    begins: () => {
      verdict.value = isWanted ? last.get(paletteId.value) : undefined
      isStale.value = verdict.value !== undefined
    },
    progress: ({ soFar }) => {
      // what is not worked out anew yet is better read as it was than not at all
      if (soFar && (soFar.reach || !verdict.value)) verdict.value = { ...verdict.value, ...soFar }
      isStale.value = true
    },
    answer: (value) => {
      verdict.value = value
      isStale.value = false
      last.set(paletteId.value, value)
    },
  })

  /** What of the verdict's needs is being worked out, or was stopped. */
  const waiting = indexes.waitingFor(() => verdict.value?.needs.map((n) => n.key) ?? [])
  return { verdict, isStale, trouble, waiting, stop: indexes.stop, goOn: indexes.goOn }
}
