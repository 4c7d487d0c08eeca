/** What other features may use of this one. */
export { default as DataScreen } from './DataScreen.vue'
