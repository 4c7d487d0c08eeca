import type { Assessment } from '@juxtachrome/core/choosing'
import { shallowRef, type Ref } from 'vue'
import { useMixtureIndexes } from '~/shared/questions/useMixtureIndexes'
import { useSession } from '~/shared/questions/useSession'

/** The verdict of a palette as it follows every change, with what is still being worked out for it; none where none is wanted. */
export function useVerdict(paletteId: Readonly<Ref<string>>, isWanted = true) {
  const indexes = useMixtureIndexes()
  const verdict = shallowRef<Assessment>()
  const { trouble } = useSession('assessPalette', () => (isWanted ? { paletteId: paletteId.value } : undefined), {
    begins: () => (verdict.value = undefined),
    progress: ({ soFar }) => {
      // what is not worked out anew yet is better read as it was than not at all
      if (soFar && (soFar.reach || !verdict.value)) verdict.value = { ...verdict.value, ...soFar }
    },
    answer: (value) => (verdict.value = value),
  })

  /** What of the verdict's needs is being worked out, or was stopped. */
  const waiting = indexes.waitingFor(() => verdict.value?.needs.map((n) => n.key) ?? [])
  return { verdict, trouble, waiting, stop: indexes.stop, goOn: indexes.goOn }
}
