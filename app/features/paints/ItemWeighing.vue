<script setup lang="ts">
import type { Item, Paint } from '@juxtachrome/core/documents'
import { emptyTube, millilitresOf, simulatedScale } from '@juxtachrome/core/filling'
import { computed, ref } from 'vue'
import { usePaintCommands } from './commands'
import { numberIn } from '~/shared/words/numberIn'
import { useBalances } from '~/shared/items/useBalances'
import { usePractice } from '~/features/filling'
import { inMl } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'

/** What is left in a tube, from its weight on a kitchen scale or by eye. */
const props = defineProps<{ item: Item; paint: Paint }>()
const emit = defineEmits<{ left: [millilitres: number, how: string] }>()
const commands = usePaintCommands()
const { practice } = usePractice()
const { left } = useBalances()
const full = ref('')
const empty = ref(String(emptyTube(props.item.millilitres)))
/** The paint's own density where it is known, else the usual one. */
const density = computed(() => props.paint.density ?? practice.value.density)
const typed = ref(String(density.value))
const trouble = ref('')
function weigh() {
  const [grams, bare, dense] = [numberIn(full.value), numberIn(empty.value), numberIn(typed.value)]
  const ml = millilitresOf(grams - bare, dense)
  trouble.value = !(grams > 0 && bare >= 0)
    ? 'Two weights in grams: with what is in it, and empty.'
    : grams < bare
      ? 'Empty it cannot weigh more than with paint in it.'
      : !(dense >= 0.8 && dense <= 4)
        ? 'A density of 0.8 to 4 g/ml.'
        : ml > 5000
          ? 'That is more than 5000 ml.'
          : ''
  if (trouble.value) return
  if (simulated.value === full.value) {
    made.value = `By this made-up weight ${inMl(ml)} are left. Nothing was recorded: it is no measurement.`
    return
  }
  made.value = ''
  if (dense !== density.value) commands.changePaint(props.paint, { ...props.paint, density: dense })
  emit('left', Math.round(ml * 10) / 10, `weighed ${grams} g, empty ${bare} g, at ${dense} g/ml`)
  full.value = ''
}
/** The weight that was made up last, to try this out: what comes of it is said and never recorded. */
const simulated = ref('')
const made = ref('')
let readings = 0
function simulate() {
  readings += 1
  const bare = numberIn(empty.value)
  full.value = String(
    simulatedScale({
      millilitres: Math.max(0, left(props.item)),
      density: density.value,
      empty: Number.isFinite(bare) ? bare : emptyTube(props.item.millilitres),
      seed: readings,
    }),
  )
  simulated.value = full.value
}
const BY_EYE = [
  { label: 'full', share: 1 },
  { label: 'three quarters', share: 0.75 },
  { label: 'half', share: 0.5 },
  { label: 'a quarter', share: 0.25 },
  { label: 'a last squeeze', share: 0.05 },
] as const
</script>

<template>
  <details class="text-sm">
    <summary class="py-1">By weight or by eye</summary>
    <form class="flex flex-wrap items-end gap-2" @submit.prevent="weigh">
      <label>Weighs, g<input v-model="full" class="input w-24" inputmode="decimal" /></label>
      <label>Empty, g<input v-model="empty" class="input w-24" inputmode="decimal" /></label>
      <label>Density, g/ml<input v-model="typed" class="input w-24" inputmode="decimal" /></label>
      <button class="btn">Work it out</button>
      <button type="button" class="btn" @click="simulate">Simulated scale</button>
    </form>
    <Refusal v-if="trouble" :says="trouble" />
    <p v-if="made" role="status">{{ made }}</p>
    <p class="hint">An empty tube of yours on the scale says more than the usual weight here.</p>
    <p v-if="item.millilitres" class="mt-1 flex flex-wrap items-center gap-1">
      <span class="hint">By eye:</span>
      <button
        v-for="b in BY_EYE"
        :key="b.label"
        type="button"
        class="choice"
        @click="emit('left', Math.round(item.millilitres * b.share * 10) / 10, `by eye: ${b.label}`)"
      >
        {{ b.label }}
      </button>
    </p>
  </details>
</template>
