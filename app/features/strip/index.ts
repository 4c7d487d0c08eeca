import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as CompareScreen } from './CompareScreen.vue'

export const LazyStripShelf = defineAsyncComponent(() => import('./StripShelf.vue'))
