<script setup lang="ts">
import { PRACTICE_FIELDS } from '@juxtachrome/core/filling'
import { counted } from '@juxtachrome/core/units'
import { numberIn } from '~/shared/words/numberIn'
import { type FillingPlanned, usePractice } from './useFillingPlan'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'
import DayField from '~/shared/ui/DayField.vue'

/** What is asked of a filling: by when, in how many layers, in which order and air; and one's own numbers. */
const props = defineProps<{ planned: FillingPlanned }>()
const { asked, ask, readyBy, learned, today } = props.planned
const { own, practice } = usePractice()
function adjust(key: string, text: string) {
  const value = numberIn(text)
  const { [key]: _was, ...rest } = own.value
  own.value = Number.isFinite(value) ? { ...rest, [key]: value } : rest
}
const CLIMATES = [
  { id: 'temperate', text: 'temperate, 20 °C and 55 %' },
  { id: 'arid', text: 'arid, 28 °C and 20 %' },
  { id: 'humid', text: 'humid, 24 °C and 80 %' },
  { id: 'as typed', text: 'as typed' },
]
const within = (text: string, least: number, most: number, was: number) => {
  const n = text.trim().startsWith('-') ? -numberIn(text.trim().slice(1)) : numberIn(text)
  return n >= least && n <= most ? n : was
}
const value = (e: Event) => (e.target as HTMLInputElement).value
</script>

<template>
  <section aria-label="What is asked of it" class="space-y-2">
    <h2>The filling</h2>
    <label class="block text-sm"
      >Ready by<DayField aria-label="Ready by" v-model="readyBy" class="w-full" :min="today"
    /></label>
    <ChoiceGroup label="Layers" class="flex flex-wrap gap-1">
      <button class="choice" :aria-pressed="asked.layers === 'whole'" @click="ask({ layers: 'whole' })">
        at once, with room to shrink
      </button>
      <button class="choice" :aria-pressed="asked.layers === 'thirds'" @click="ask({ layers: 'thirds' })">
        in thirds
      </button>
    </ChoiceGroup>
    <ChoiceGroup label="Order" class="flex flex-wrap gap-1">
      <button class="choice" :aria-pressed="asked.order === 'light first'" @click="ask({ order: 'light first' })">
        light first
      </button>
      <button class="choice" :aria-pressed="asked.order === 'along the tray'" @click="ask({ order: 'along the tray' })">
        along the tray
      </button>
    </ChoiceGroup>
    <label class="flex items-center gap-2 text-sm"
      ><input type="checkbox" class="size-4" :checked="asked.topUp" @change="ask({ topUp: !asked.topUp })" />Top up what
      lies there dry</label
    >
    <label class="block text-sm"
      >The air<select
        class="input"
        :value="asked.climate"
        @change="ask({ climate: value($event) as typeof asked.climate })"
      >
        <option v-for="c in CLIMATES" :key="c.id" :value="c.id">{{ c.text }}</option>
      </select></label
    >
    <div v-if="asked.climate === 'as typed'" class="grid grid-cols-2 gap-2">
      <label class="text-sm"
        >Degrees, °C<input
          class="input"
          inputmode="decimal"
          :value="asked.temperature"
          @change="ask({ temperature: within(value($event), -10, 45, asked.temperature) })"
      /></label>
      <label class="text-sm"
        >Humidity, %<input
          class="input"
          inputmode="decimal"
          :value="asked.humidity"
          @change="ask({ humidity: within(value($event), 0, 100, asked.humidity) })"
      /></label>
    </div>
    <p v-if="learned.count" class="hint text-sm">
      {{ counted(learned.count, 'filling') }} you found dry took {{ Math.round(100 * learned.all) }} % of what was
      forecast; forecasts go by that.
    </p>
    <details class="text-sm">
      <summary>Your own numbers</summary>
      <label v-for="f in PRACTICE_FIELDS" :key="f.key" class="mt-2 block"
        >{{ f.label }}, {{ f.unit
        }}<input
          class="input"
          inputmode="decimal"
          :value="practice[f.key]"
          @change="adjust(f.key, value($event))"
        /><span class="hint">{{ f.least }} to {{ f.most }}; usually {{ f.usual }} ({{ f.source }})</span></label
      >
    </details>
  </section>
</template>
