<script setup lang="ts">
import type { Assessment, Finding, Remedy } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import { usePreferences } from '~/stores/preferences'
import type { Building } from '~/workers/mixtureIndexes'
import BriefLine from './BriefLine.vue'
import { targetInWords } from './briefWords'
import ReachTable from './ReachTable.vue'
import { useVerdictLines } from './useVerdictLines'
import VerdictHead from './VerdictHead.vue'
import VerdictLine from './VerdictLine.vue'

/** What the computation says about a palette now: what it can do, as a sentence and a map that stay in sight, then its findings. */
const props = defineProps<{
  palette: Palette
  findings: Finding[]
  verdict?: Assessment
  /** The verdict shown is the last one; a newer is being worked out. */
  isStale: boolean
  /** A place is free. */
  room: boolean
  trouble: string
  waiting: { key: string; building?: Building; stopped: boolean }[]
}>()
const emit = defineEmits<{
  act: [remedy: Remedy]
  put: [paintIds: string[]]
  stop: [key: string]
  goOn: [key: string]
  byBrings: []
}>()
const preferences = usePreferences()
/** As many findings as one reads at once; the others stand under a word. */
const OPEN = 5
const lines = useVerdictLines(props, {
  act: (remedy) => emit('act', remedy),
  put: (ids) => emit('put', ids),
  byBrings: () => emit('byBrings'),
})
const open = computed(() => lines.value.slice(0, OPEN))
const more = computed(() => lines.value.slice(OPEN))
const building = computed(() => props.waiting.filter((w) => w.building))
const stopped = computed(() => props.waiting.filter((w) => w.stopped && !w.building))
</script>

<template>
  <section aria-label="Verdict" class="panel px-4 pt-3 pb-2">
    <div data-stays class="stays -mx-4 -mt-3 bg-surface px-4 pt-3 pb-2">
      <h2 class="mb-1 flex items-baseline justify-between gap-2 text-sm font-normal text-muted">
        What this palette can do <NuxtLink class="link" to="/how">How it is worked out</NuxtLink>
      </h2>
      <VerdictHead :palette="palette" :verdict="verdict" :is-stale="isStale" />
    </div>
    <ReachTable v-if="preferences.figures && verdict?.reach" :verdict="verdict" />
    <BriefLine class="mt-2" :palette="palette" />
    <Refusal v-if="trouble" :says="trouble" />
    <WorkingBar
      v-for="w in building"
      :key="w.key"
      class="hint mt-1 text-sm"
      :done="w.building!.done"
      label="Working out mixtures of the collection"
      @cancel="emit('stop', w.key)"
      >working out {{ targetInWords(w.building!.want.choice) }}</WorkingBar
    >
    <p v-for="w in stopped" :key="w.key" class="hint mt-1 text-sm">
      What your whole collection mixes was not worked out.
      <button class="link" @click="emit('goOn', w.key)">Work it out</button>
    </p>
    <ul class="mt-1" :aria-busy="isStale">
      <VerdictLine v-for="line in open" :key="line.key" :line="line" />
    </ul>
    <details v-if="more.length" class="border-t border-line py-1.5">
      <summary class="link inline-flex min-h-7 items-center pointer-coarse:min-h-11">
        {{ more.length }} more about it
      </summary>
      <ul>
        <VerdictLine v-for="line in more" :key="line.key" :line="line" />
      </ul>
    </details>
  </section>
</template>

<style scoped>
/* the sentence and its map stay in sight where there is height for them and for what is found */
@media (width >= 75rem) and (height >= 44rem) {
  .stays {
    position: sticky;
    top: 0;
    z-index: 10;
    border-bottom: 1px solid var(--line);
  }
}
</style>
