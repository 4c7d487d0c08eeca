import { defineAsyncComponent } from 'vue'

/** What other features may use of this one. */
export { useGuideCommands } from './commands'
export { default as ChooseZone } from './ChooseZone.vue'
export { default as RankedList } from './RankedList.vue'
export { listedInWords } from './words'
export { useRankingCommands } from './rankings'

export const LazyPaletteProposals = defineAsyncComponent(() => import('./PaletteProposals.vue'))
