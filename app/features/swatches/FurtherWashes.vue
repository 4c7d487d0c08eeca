<script setup lang="ts">
import { parseColour, toScreen } from '@juxtachrome/core/colour'
import type { Paint, Wash } from '@juxtachrome/core/documents'
import { labOfSwatch } from '@juxtachrome/core/film'
import { computed, ref, watch } from 'vue'
import { offInWords, swatchText, toSwatch } from '~/shared/swatch/swatchText'
import SwatchField from '~/shared/swatch/SwatchField.vue'
import { waterInWords } from '~/shared/swatch/useMixtures'
import FormField from '~/shared/ui/FormField.vue'
import { useToday } from '~/shared/ui/useToday'
import { useSwatchCommands } from './commands'

/** Washes beside the usual one: each narrows what is not known of how a paint thins. */
const props = defineProps<{ paint: Paint; missed?: readonly number[] }>()
const commands = useSwatchCommands()
const today = useToday()
const isOpen = ref(false)
const typed = ref('')
const water = ref('')
const trouble = ref<{ colour?: string; water?: string }>({})
const MOST = 12
watch(
  () => props.paint.id,
  () => (isOpen.value = false),
)
const rows = computed(() =>
  (props.paint.washes ?? []).map((wash, i) => ({
    wash,
    hex: toScreen(labOfSwatch(wash)!).hex,
    words: wash.water === undefined ? 'water not counted' : waterInWords(wash.water),
    off: props.missed?.[i],
  })),
)
function begin() {
  isOpen.value = !isOpen.value
  typed.value = water.value = ''
  trouble.value = {}
}
function save() {
  const colour = parseColour(typed.value)
  const parts = water.value.trim() === '' ? undefined : Number(water.value.replace(',', '.'))
  const isWater = parts === undefined || (parts >= 0 && parts <= 200)
  trouble.value = {
    ...(colour.ok ? {} : { colour: colour.error.message }),
    ...(isWater ? {} : { water: 'Parts of water to one of paint: a number from 0 to 200, or nothing.' }),
  }
  const swatch = toSwatch(typed.value, undefined)
  if (!swatch || !colour.ok || !isWater) return
  const wash: Wash = { ...swatch, day: today.value, ...(parts === undefined ? {} : { water: parts }) }
  keep([...(props.paint.washes ?? []), wash], `recorded a further wash of ${props.paint.name}`)
  isOpen.value = false
}
function keep(washes: readonly Wash[], label: string) {
  const byWater = [...washes].sort((p, q) => (p.water ?? Infinity) - (q.water ?? Infinity))
  commands.recordWashes(props.paint, byWater, label)
}
const take = (at: number) =>
  keep(
    (props.paint.washes ?? []).filter((_, i) => i !== at),
    `took away a further wash of ${props.paint.name}`,
  )
</script>

<template>
  <div class="border-t border-line py-1">
    <div class="flex items-center gap-2">
      <span class="min-w-0 grow"
        >Further washes <span class="hint">{{ rows.length || 'none' }}</span></span
      >
      <button v-if="rows.length < MOST" class="btn btn-quiet" :aria-expanded="isOpen" @click="begin">Add a wash</button>
    </div>
    <ul>
      <li v-for="({ wash, hex, words, off }, i) in rows" :key="i" class="flex items-center gap-2 py-0.5">
        <span class="h-6 w-10 shrink-0" :style="{ background: hex }" aria-hidden="true" />
        <span class="min-w-0 grow text-sm"
          >{{ words }}
          <span class="hint">{{ swatchText(wash) }}{{ off === undefined ? '' : `; ${offInWords(off)}` }}</span></span
        >
        <button class="btn btn-quiet" :aria-label="`Take away the wash, ${words}`" @click="take(i)">Take away</button>
      </li>
    </ul>
    <form v-if="isOpen" class="mt-1 space-y-2 pb-2" novalidate @submit.prevent="save">
      <SwatchField v-model="typed" label="Colour of the wash" :error="trouble.colour" />
      <FormField
        v-slot="{ field }"
        label="Parts of water to one of paint"
        :error="trouble.water"
        hint="Leave it empty where nobody counted, as along a graded strip."
        ><input v-bind="field" v-model="water" class="input w-28" inputmode="decimal"
      /></FormField>
      <div class="flex gap-2">
        <button class="btn btn-primary">Save the wash</button
        ><button type="button" class="btn btn-quiet" @click="isOpen = false">Cancel</button>
      </div>
    </form>
  </div>
</template>
