import { strengthsIn } from '@juxtachrome/core/mixing'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'

/** How strong paints are by tint tests and notes of real mixtures; worked out anew only where those changed. */
export function useStrengths() {
  const collection = useCollection()
  return computed(() => strengthsIn(collection.reading))
}
