import { dayOf } from '@juxtachrome/core/units'
import { useNow } from '@vueuse/core'
import { computed } from 'vue'

/** The present calendar day, kept up past midnight. */
export function useToday() {
  const now = useNow({ interval: 30_000 })
  return computed(() => dayOf(now.value))
}
