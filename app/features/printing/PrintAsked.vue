<script setup lang="ts">
import { PAPERS, WHEEL_STEPS } from '@juxtachrome/core/charts'
import { computed } from 'vue'
import type { PrintOptions } from './printOptions'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import PrintNumber from './PrintNumber.vue'
import PrintTick from './PrintTick.vue'

/** How a sheet is made: sizes, what is in its boxes, the paper. */
const options = defineModel<PrintOptions>({ required: true })
const set = (change: Partial<PrintOptions>) => (options.value = { ...options.value, ...change })
const has = (...kinds: PrintOptions['kind'][]) => kinds.includes(options.value.kind)
interface NumberField {
  key: 'box' | 'water' | 'tintWater' | 'across' | 'cardWidth' | 'cardHeight' | 'labelWidth' | 'labelHeight'
  label: string
  unit?: string
  kinds: readonly PrintOptions['kind'][]
}
const NUMBERS: readonly NumberField[] = [
  {
    key: 'box',
    label: 'Boxes',
    unit: 'mm',
    kinds: ['chart', 'partners', 'book', 'dilutions', 'values', 'fade', 'key'],
  },
  { key: 'water', label: 'Water to one of paint', kinds: ['chart', 'partners', 'wheel', 'triangle'] },
  { key: 'tintWater', label: 'Water, thin side', kinds: ['chart'] },
  { key: 'across', label: 'Across', unit: 'mm', kinds: ['wheel', 'triangle'] },
  { key: 'cardWidth', label: 'Card, wide', unit: 'mm', kinds: ['cards'] },
  { key: 'cardHeight', label: 'Card, high', unit: 'mm', kinds: ['cards'] },
  { key: 'labelWidth', label: 'Label, wide', unit: 'mm', kinds: ['undersides', 'boxes'] },
  { key: 'labelHeight', label: 'Label, high', unit: 'mm', kinds: ['undersides', 'boxes'] },
]
interface TickField {
  key: 'blackLine' | 'lift' | 'laminate' | 'inLid' | 'punch' | 'window'
  label: string
  kind: PrintOptions['kind']
}
const TICKS: readonly TickField[] = [
  { key: 'blackLine', label: 'A black line in each box, to paint over', kind: 'key' },
  { key: 'lift', label: 'A stripe to lift when it is dry', kind: 'key' },
  { key: 'laminate', label: 'A margin for laminating', kind: 'key' },
  { key: 'inLid', label: 'Fitted to the inside of the lid', kind: 'key' },
  { key: 'punch', label: 'A hole to hang it by', kind: 'cards' },
  { key: 'window', label: 'A window to look through', kind: 'cards' },
]
const ticks = computed(() => TICKS.filter((t) => has(t.kind)))
/** A key in the palette's own geometry has boxes as large as its places. */
const isAsItLies = computed(() => has('key') && options.value.form === 'as the palette lies')
const numbers = computed(() => NUMBERS.filter((n) => has(...n.kinds) && !(n.key === 'box' && isAsItLies.value)))
const FORMS = [
  { id: 'as the palette lies', text: 'as the palette lies' },
  { id: 'list', text: 'a list, with what each does' },
  { id: 'boxes', text: 'rows of boxes' },
  { id: 'circles', text: 'rows of circles' },
]
const TURNS = ['as it fits', 'upright', 'across'].map((id) => ({ id, text: id }))
const SHEETS = [...Object.keys(PAPERS).map((id) => ({ id, text: id })), { id: 'own', text: 'a size of my own' }]
const COLOURS = [
  { id: 'none', text: 'no colours' },
  { id: 'faint', text: 'predicted colours, faint' },
  { id: 'full', text: 'predicted colours, full' },
]
</script>

<template>
  <div class="space-y-2">
    <ChoiceField
      v-if="has('key')"
      :model-value="options.form"
      label="Form"
      :choices="FORMS"
      @update:model-value="set({ form: $event as typeof options.form })"
    />
    <div class="grid grid-cols-2 gap-2">
      <PrintNumber
        v-for="n in numbers"
        :key="n.key"
        :model-value="options[n.key]"
        :label="n.label"
        :unit="n.unit"
        @update:model-value="set({ [n.key]: $event })"
      />
    </div>
    <div v-if="has('wheel')" role="group" aria-label="Steps" class="flex gap-1">
      <button
        v-for="n in WHEEL_STEPS"
        :key="n"
        class="choice"
        :aria-pressed="options.steps === n"
        @click="set({ steps: n })"
      >
        {{ n }} steps
      </button>
    </div>
    <PrintTick
      v-for="t in ticks"
      :key="t.key"
      :model-value="options[t.key]"
      :label="t.label"
      @update:model-value="set({ [t.key]: $event })"
    />
    <div v-if="has('key') && options.inLid" class="grid grid-cols-2 gap-2">
      <PrintNumber
        :model-value="options.lidWidth"
        label="Inside, wide"
        unit="mm"
        @update:model-value="set({ lidWidth: $event })"
      />
      <PrintNumber
        :model-value="options.lidHeight"
        label="Inside, high"
        unit="mm"
        @update:model-value="set({ lidHeight: $event })"
      />
    </div>
    <ChoiceField
      v-if="!has('undersides', 'boxes')"
      :model-value="options.colouring"
      label="In the boxes"
      :choices="COLOURS"
      @update:model-value="set({ colouring: $event as typeof options.colouring })"
    />
    <div class="grid grid-cols-2 gap-2">
      <ChoiceField
        :model-value="options.paper"
        label="Paper"
        :choices="SHEETS"
        @update:model-value="set({ paper: $event as typeof options.paper })"
      />
      <ChoiceField
        :model-value="options.turn"
        label="Lying"
        :choices="TURNS"
        @update:model-value="set({ turn: $event as typeof options.turn })"
      />
      <template v-if="options.paper === 'own'">
        <PrintNumber
          :model-value="options.paperWidth"
          label="Paper, wide"
          unit="mm"
          @update:model-value="set({ paperWidth: $event })"
        />
        <PrintNumber
          :model-value="options.paperHeight"
          label="Paper, high"
          unit="mm"
          @update:model-value="set({ paperHeight: $event })"
        />
      </template>
    </div>
    <PrintTick
      v-if="!has('undersides', 'boxes')"
      :model-value="options.photoMarks"
      label="Marks by which a photograph finds the boxes"
      @update:model-value="set({ photoMarks: $event })"
    />
  </div>
</template>
