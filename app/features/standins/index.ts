import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { nameOfStandIn } from './words'
export { useAway } from './useAway'
export { useStandInCommands } from './commands'

export const LazyStandInStep = defineAsyncComponent(() => import('./StandInStep.vue'))
