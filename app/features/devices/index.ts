export { default as BringTogether } from './BringTogether.vue'
export { default as DevicesPanel } from './DevicesPanel.vue'
export { default as InStepLine } from './InStepLine.vue'
export { keepDevicesInStep } from './keepDevicesInStep'
