import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as ChartsScreen } from './ChartsScreen.vue'

export const LazyPrintDesk = defineAsyncComponent(() => import('./PrintDesk.vue'))
