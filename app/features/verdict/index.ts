import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { default as BesideScreen } from './BesideScreen.vue'
export { default as HowScreen } from './HowScreen.vue'
export { default as ReachTogether } from './ReachTogether.vue'
export { default as ReachWheel } from './ReachWheel.vue'
export { briefInWords, countSpoken, targetInWords, wishInWords } from './briefWords'
export { countMissedInWords, letterOf, missedInWords, mixesInWords, valueInWords } from './words'
export { usePhotoTargets } from './usePhotoTargets'
export { useVerdict } from './useVerdict'

export const LazyVerdictPanel = defineAsyncComponent(() => import('./VerdictPanel.vue'))
