<script setup lang="ts">
import { PAPERS, WHEEL_STEPS } from '@juxtachrome/core/charts'
import { computed } from 'vue'
import type { PrintOptions } from './printOptions'
import { sheetOf, type NumberAsked, type TickAsked } from './sheets'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import PrintNumber from './PrintNumber.vue'
import PrintTick from './PrintTick.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** How a sheet is made: sizes, what is in its boxes, the paper. */
const options = defineModel<PrintOptions>({ required: true })
const set = (change: Partial<PrintOptions>) => (options.value = { ...options.value, ...change })
const definition = computed(() => sheetOf(options.value.kind))
const asks = (what: 'form' | 'steps') => definition.value.asks?.includes(what) === true
const NUMBERS: Record<NumberAsked, { label: string; unit?: string }> = {
  box: { label: 'Boxes', unit: 'mm' },
  water: { label: 'Water to one of paint' },
  tintWater: { label: 'Water, thin side' },
  across: { label: 'Across', unit: 'mm' },
  cardWidth: { label: 'Card, wide', unit: 'mm' },
  cardHeight: { label: 'Card, high', unit: 'mm' },
  labelWidth: { label: 'Label, wide', unit: 'mm' },
  labelHeight: { label: 'Label, high', unit: 'mm' },
}
const TICKS: Record<TickAsked, string> = {
  blackLine: 'A black line in each box, to paint over',
  lift: 'A stripe to lift when it is dry',
  laminate: 'A margin for laminating',
  inLid: 'Fitted to the inside of the lid',
  oneSheet: 'On one sheet, with boxes as large as it takes',
  punch: 'A hole to hang it by',
  window: 'A window to look through',
  code: 'A code that opens it on a phone',
}
const numbers = computed(() => definition.value.numbers(options.value).map((key) => ({ key, ...NUMBERS[key] })))
const ticks = computed(() => (definition.value.ticks ?? []).map((key) => ({ key, label: TICKS[key] })))
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
      v-if="asks('form')"
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
    <ChoiceGroup v-if="asks('steps')" label="Steps" class="flex gap-1">
      <button
        v-for="n in WHEEL_STEPS"
        :key="n"
        class="choice"
        :aria-pressed="options.steps === n"
        @click="set({ steps: n })"
      >
        {{ n }} steps
      </button>
    </ChoiceGroup>
    <PrintTick
      v-for="t in ticks"
      :key="t.key"
      :model-value="options[t.key]"
      :label="t.label"
      @update:model-value="set({ [t.key]: $event })"
    />
    <div v-if="definition.ticks?.includes('inLid') && options.inLid" class="grid grid-cols-2 gap-2">
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
      v-if="!definition.isLabel"
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
      v-if="!definition.isLabel"
      :model-value="options.photoMarks"
      label="Marks by which a photograph finds the boxes"
      @update:model-value="set({ photoMarks: $event })"
    />
  </div>
</template>
