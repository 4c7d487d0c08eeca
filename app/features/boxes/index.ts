/** What other features may use of this one. */
export { asHolder } from './commands'
export { default as BoxScreen } from './BoxScreen.vue'
export { default as BoxesScreen } from './BoxesScreen.vue'
export { default as FitScreen } from './FitScreen.vue'
export { default as HolderGallery } from './HolderGallery.vue'
export { default as PaletteBoxScreen } from './PaletteBoxScreen.vue'
export { useHolders } from './useHolders'
