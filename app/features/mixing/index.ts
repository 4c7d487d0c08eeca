import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as BenchScreen } from './BenchScreen.vue'
export { useRecipeCommands } from './commands'

export const LazyPhotoTarget = defineAsyncComponent(() => import('./PhotoTarget.vue'))
