<script setup lang="ts">
import { type Palette, plannedPaints } from '@juxtachrome/core/documents'
import type { Bringing } from '@juxtachrome/core/choosing'
import { byWheel, codesInWords, viewOfPaint } from '@juxtachrome/core/paints'
import { points } from '~/shared/words/figures'
import { counted } from '@juxtachrome/core/units'
import { computed, ref } from 'vue'
import { useGuideCommands } from './commands'
import { useCollection } from '~/stores/collection'
import CandidateRow from './CandidateRow.vue'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import MethodPanel from '~/shared/ui/MethodPanel.vue'

/** The paints of a larger palette, to be picked for one trip. */
const props = defineProps<{ palette: Palette; gains?: readonly Bringing[]; room: boolean }>()
const emit = defineEmits<{ look: [paintId: string]; leave: [] }>()
const collection = useCollection()
const commands = useGuideCommands()
const others = computed(() => collection.palettes.filter((p) => p.id !== props.palette.id && plannedPaints(p).size > 0))
const largest = computed(() => [...others.value].sort((p, q) => plannedPaints(q).size - plannedPaints(p).size)[0])
const chosenId = ref<string>()
const master = computed(() => others.value.find((p) => p.id === chosenId.value) ?? largest.value)
const planned = computed(() => plannedPaints(props.palette))
const gainOf = computed(() => new Map((props.gains ?? []).map((g) => [g.paintId, g])))
const paints = computed(() =>
  [...(master.value ? plannedPaints(master.value) : [])]
    .flatMap((id) => collection.paint(id) ?? [])
    .sort((p, q) => byWheel(viewOfPaint(p), viewOfPaint(q))),
)
const reasons = (id: string) => {
  const paint = collection.paint(id)!
  const gain = gainOf.value.get(id)
  return [
    codesInWords(paint),
    ...(planned.value.has(id) ? ['comes along'] : gain ? [`brings ${points(gain.reach)}`] : []),
  ].join('; ')
}
</script>

<template>
  <MethodPanel title="From a larger palette" @leave="emit('leave')">
    <p v-if="!master" class="hint">
      There is no other palette with paints yet. Make the larger palette first, under Palettes.
    </p>
    <template v-else>
      <ChoiceField
        label="Pick from"
        :model-value="master.id"
        :choices="others.map((p) => ({ id: p.id, text: `${p.name}, ${counted(plannedPaints(p).size, 'paint')}` }))"
        @update:model-value="chosenId = $event"
      />
      <ul class="mt-2 min-h-0 grow overflow-y-auto">
        <CandidateRow v-for="p in paints" :key="p.id" :paint="p" :reasons="reasons(p.id)" @look="emit('look', p.id)">
          <button
            v-if="planned.has(p.id)"
            class="link"
            :aria-label="`Leave ${p.name} behind`"
            @click="commands.takeOut(palette.id, [p.id], `left ${p.name} behind`)"
          >
            Leave it behind
          </button>
          <button
            v-else
            class="link"
            :disabled="!room"
            :aria-label="`Take ${p.name} along`"
            @click="commands.takeAll(palette.id, [p.id], `took ${p.name} along`)"
          >
            Take it along
          </button>
        </CandidateRow>
      </ul>
    </template>
  </MethodPanel>
</template>
