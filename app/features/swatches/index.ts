import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as SheetCorners } from './SheetCorners.vue'
export { default as SwatchesScreen } from './SwatchesScreen.vue'
export { useSwatchCommands } from './commands'

export const LazyPaintSwatches = defineAsyncComponent(() => import('./PaintSwatches.vue'))
