import { learnedUse } from '@juxtachrome/core/using'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import { usePractice } from './useFillingPlan'

/** What a painting takes of a colour, as one's own looks at pans have taught so far. */
export function useTaken() {
  const collection = useCollection()
  const { practice } = usePractice()
  return computed(() => learnedUse(collection.ledger.whole.seenUse(), practice.value.touch))
}
