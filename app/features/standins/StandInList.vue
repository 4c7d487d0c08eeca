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
const sought = computed(() => soughtOf(props.wanted, (id) => collection.paint(id)))
watch(
  () => [props.wanted, props.palette, props.matters, props.musts, collection.trials] as const,
  async ([wanted, palette, matters, musts], before) => {
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
    <ol v-if="sought.ok">
      <StandInRow
        v-for="(s, i) in found"
        :key="s.key"
        :first="i === 0"
        :stand-in="s"
        :sought="sought.value"
        :palette="palette"
        :place="place"
      />
    </ol>
  </section>
</template>
