/** What other features may use of this one. */
export { default as StudentsScreen } from './StudentsScreen.vue'
