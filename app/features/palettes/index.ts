import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as PaletteTitle } from './PaletteTitle.vue'
export { default as PalettesScreen } from './PalettesScreen.vue'
export { default as VersionLinks } from './VersionLinks.vue'
export { madeVersion } from './versions'
export { usePaletteCommands } from './commands'

export const LazyVersionsPanel = defineAsyncComponent(() => import('./VersionsPanel.vue'))
