import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as MovesPanel } from './MovesPanel.vue'

export const LazyArrangeStep = defineAsyncComponent(() => import('./ArrangeStep.vue'))
