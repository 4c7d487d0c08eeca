import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as FillingScreen } from './FillingScreen.vue'
export { useDrying, usePractice } from './useFillingPlan'
export { useFillCommands } from './commands'
export { useTaken } from './useTaken'
export { useTubeChoices } from './useTubeChoices'

export const LazyFillQueue = defineAsyncComponent(() => import('./FillQueue.vue'))
export const LazyFillPanel = defineAsyncComponent(() => import('./FillPanel.vue'))
