import { isDay } from '@juxtachrome/core/documents'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'

/**
 * The day on which something was done, as a field holds it: today until somebody says otherwise. One that is still to
 * come is given as it was typed, and refused in words where it is recorded.
 */
export function useDayDone(today: MaybeRefOrGetter<string>) {
  const typed = ref(toValue(today))
  const day = computed(() => (isDay(typed.value) ? typed.value : toValue(today)))
  return { typed, day }
}
