import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as ImportScreen } from './ImportScreen.vue'
export { default as ListScreen } from './ListScreen.vue'
export { default as PaintCautions } from './PaintCautions.vue'
export { default as PaintRow } from './PaintRow.vue'
export { default as PaintsScreen } from './PaintsScreen.vue'
export { usePaintCommands } from './commands'

export const LazyPaintDrawer = defineAsyncComponent(() => import('./PaintDrawer.vue'))
