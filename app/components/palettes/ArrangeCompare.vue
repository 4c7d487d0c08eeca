<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { ORDERS, type Arrangement, type Order } from '@juxtachrome/core/arranging'
import { computed, ref } from 'vue'
import { usePaletteCommands } from '~/commands/palettes'
import { useArrangement } from '~/composables/useArrangement'

const props = defineProps<{ palette: Palette; today: string }>()
const emit = defineEmits<{ taken: [] }>()
const commands = usePaletteCommands()
type Choice = 'as it is' | Order
const CHOICES: Choice[] = ['as it is', ...ORDERS]
const STILL = new Map<string, never>()
const sides = [sideOf('Left', 'as it is'), sideOf('Right', 'colour wheel')]

function sideOf(name: string, first: Choice) {
  const choice = ref<Choice>(first)
  const order = computed(() => (choice.value === 'as it is' ? undefined : choice.value))
  return { name, choice, ...useArrangement(() => props.palette, order) }
}
function take({ arrangement, choice, isFresh }: (typeof sides)[number]) {
  if (!arrangement.value || !isFresh()) return
  commands.takeArrangement(props.palette, arrangement.value, choice.value)
  for (const s of sides) s.choice.value = 'as it is'
  emit('taken')
}
const about = ({ moved, meanStep }: Arrangement) =>
  [
    moved.length === 0 ? 'Nothing moves.' : `${moved.length} places change (dotted).`,
    meanStep === undefined ? '' : `Neighbours lie ${meanStep.toFixed(0)}° of hue apart on average.`,
  ].join(' ')
</script>

<template>
  <div class="grid grow gap-4 p-3 xl:grid-cols-2">
    <section v-for="(side, i) in sides" :key="side.name" :aria-label="`${side.name} arrangement`" class="min-w-0">
      <div class="mb-2 flex flex-wrap items-center gap-2">
        <label class="flex grow items-center gap-2"
          >{{ side.name }}:
          <select v-model="side.choice.value" class="input max-w-56">
            <option v-for="c in CHOICES" :key="c" :value="c">
              {{ c === 'as it is' ? c : c === 'colour wheel' ? 'round the colour wheel' : c }}
            </option>
          </select>
        </label>
        <button
          class="btn"
          :class="i === 1 ? 'btn-primary' : ''"
          :disabled="side.choice.value === 'as it is' || !side.arrangement.value?.moved.length"
          @click="take(side)"
        >
          Take this one
        </button>
      </div>
      <PaletteTray
        v-if="side.arrangement.value"
        :palette="{ ...palette, plan: side.arrangement.value.plan }"
        :state="STILL"
        :today="today"
        :changed="side.arrangement.value.moved"
        :label="`${side.name}: ${side.choice.value}`"
        still
      />
      <p v-if="side.trouble.value" role="alert" class="mt-2 text-trouble">{{ side.trouble.value }}</p>
      <p v-else-if="side.arrangement.value" class="hint mt-2">
        {{ side.choice.value === 'as it is' ? 'The plan as it stands.' : about(side.arrangement.value) }}
      </p>
    </section>
  </div>
</template>
