/** What other features may use of this one. */
export { default as LabelsScreen } from './LabelsScreen.vue'
export { default as PansScreen } from './PansScreen.vue'
