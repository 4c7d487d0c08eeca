/** What other features may use of this one. */
export { default as PigmentsScreen } from './PigmentsScreen.vue'
