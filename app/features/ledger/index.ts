/** What other features may use of this one. */
export { default as LedgerScreen } from './LedgerScreen.vue'
