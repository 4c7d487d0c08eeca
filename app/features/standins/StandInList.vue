<script setup lang="ts">
import type { Palette, Wanted } from '@juxtachrome/core/documents'
import { mattersInWords, type Matters, type Must, soughtOf, type StandIn } from '@juxtachrome/core/standins'
import { computed, ref, shallowRef, watch } from 'vue'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { leftOutInWords } from './words'
import StandInRow from './StandInRow.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What could take the place of a paint, ranked: the first answers at once, then better ones. */
const props = defineProps<{
  palette: Palette
  wanted: Wanted
  place?: string
  matters: Matters
  musts: readonly Must[]
}>()
const collection = useCollection()
const { ask, isWorking, trouble } = useQuestion('findStandIns')
const found = shallowRef<StandIn[]>([])
const progress = ref(0)
const isAll = ref(false)
/** What is owned comes first, the first ten at once; what would have to be bought lies apart. */
const FIRST = 10
const own = computed(() => found.value.filter((s) => s.kind !== 'to buy'))
const toBuy = computed(() => found.value.filter((s) => s.kind === 'to buy'))
const shown = computed(() => (isAll.value ? own.value : own.value.slice(0, FIRST)))
const sought = computed(() => soughtOf(props.wanted, (id) => collection.paint(id)))
watch(
  () => [props.wanted, props.palette, props.matters, props.musts, collection.trials] as const,
  async ([wanted, palette, matters, musts], before) => {
    if (before?.[0] !== wanted) isAll.value = false
    if (before?.[0] !== wanted || before[3] !== musts) found.value = []
    progress.value = 0
    const answer = await ask({ wanted, paletteId: palette.id, matters, musts }, ({ done, soFar }) => {
      progress.value = done
      if (soFar) found.value = soFar
    })
    if (answer) found.value = answer
    // what was an answer to another question does not stay beside none
    else if (trouble.value) found.value = []
  },
  { immediate: true },
)
</script>

<template>
  <section aria-label="Stand-ins">
    <h2 tabindex="-1">In place of {{ sought.ok ? sought.value.name : 'a paint' }}</h2>
    <p v-if="sought.ok && sought.value.isAssumed" class="hint text-sm">
      No swatch of it is recorded: only the reference’s values are compared.
    </p>
    <p v-if="musts.length" class="text-sm">{{ leftOutInWords(musts) }}</p>
    <WorkingBar v-if="isWorking" class="mt-1" :done="progress" label="Looking for stand-ins" />
    <Refusal v-if="trouble" class="mt-2" :says="trouble" />
    <details v-if="found.length" class="hint text-sm">
      <summary>How they are ordered</summary>
      {{ mattersInWords(matters) }}
    </details>
    <p class="sr-only" role="status">
      {{ isWorking || trouble ? '' : `${found.length} stand-ins found.` }}
    </p>
    <template v-if="sought.ok">
      <p v-if="found.length" class="hint text-[0.8125rem]">Above what is replaced, below what would stand in.</p>
      <ol aria-label="What you have">
        <StandInRow
          v-for="(s, i) in shown"
          :key="s.key"
          :first="i === 0"
          :stand-in="s"
          :sought="sought.value"
          :palette="palette"
          :place="place"
        />
      </ol>
      <button v-if="shown.length < own.length" class="btn mt-1" @click="isAll = true">Show all {{ own.length }}</button>
      <template v-if="toBuy.length">
        <h3 class="mt-3">To buy</h3>
        <ol aria-label="To buy">
          <StandInRow v-for="s in toBuy" :key="s.key" :stand-in="s" :sought="sought.value" :palette="palette" />
        </ol>
      </template>
    </template>
  </section>
</template>
