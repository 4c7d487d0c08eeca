/** What other features may use of this one. */
export { default as TodayScreen } from './TodayScreen.vue'
