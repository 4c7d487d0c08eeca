/** What other features may use of this one. */
export { default as PaletteScreen } from './PaletteScreen.vue'
