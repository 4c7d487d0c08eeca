/** What other features may use of this one. */
export { default as RestockScreen } from './RestockScreen.vue'
