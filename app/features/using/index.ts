import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */

export const LazyUseStep = defineAsyncComponent(() => import('./UseStep.vue'))
