import { shallowRef } from 'vue'

/** Keys of the needs that the present plan of purchases serves; of this window, as the plan is. */
export const plannedNeeds = shallowRef<ReadonlySet<string>>(new Set())
