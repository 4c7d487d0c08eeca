<script setup lang="ts">
import { PAPERS, WHEEL_STEPS } from '@juxtachrome/core/charts'
import type { PrintOptions } from '~/composables/printOptions'

/** How a sheet is made: sizes, what is in its boxes, the paper. */
const options = defineModel<PrintOptions>({ required: true })
const set = (change: Partial<PrintOptions>) => (options.value = { ...options.value, ...change })
const has = (...kinds: PrintOptions['kind'][]) => kinds.includes(options.value.kind)
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
        v-if="
          has('chart', 'partners', 'book', 'dilutions', 'values', 'fade') ||
          (has('key') && options.form !== 'as the palette lies')
        "
        :model-value="options.box"
        label="Boxes"
        unit="mm"
        @update:model-value="set({ box: $event })"
      />
      <PrintNumber
        v-if="has('chart', 'partners', 'wheel', 'triangle')"
        :model-value="options.water"
        label="Water to one of paint"
        @update:model-value="set({ water: $event })"
      />
      <PrintNumber
        v-if="has('chart')"
        :model-value="options.tintWater"
        label="Water, thin side"
        @update:model-value="set({ tintWater: $event })"
      />
      <PrintNumber
        v-if="has('wheel', 'triangle')"
        :model-value="options.across"
        label="Across"
        unit="mm"
        @update:model-value="set({ across: $event })"
      />
      <template v-if="has('cards')">
        <PrintNumber
          :model-value="options.cardWidth"
          label="Card, wide"
          unit="mm"
          @update:model-value="set({ cardWidth: $event })"
        />
        <PrintNumber
          :model-value="options.cardHeight"
          label="Card, high"
          unit="mm"
          @update:model-value="set({ cardHeight: $event })"
        />
      </template>
      <template v-if="has('undersides', 'boxes')">
        <PrintNumber
          :model-value="options.labelWidth"
          label="Label, wide"
          unit="mm"
          @update:model-value="set({ labelWidth: $event })"
        />
        <PrintNumber
          :model-value="options.labelHeight"
          label="Label, high"
          unit="mm"
          @update:model-value="set({ labelHeight: $event })"
        />
      </template>
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
    <template v-if="has('key')">
      <label class="flex items-center gap-2 text-sm"
        ><input
          type="checkbox"
          class="size-4"
          :checked="options.blackLine"
          @change="set({ blackLine: !options.blackLine })"
        />A black line in each box, to paint over</label
      >
      <label class="flex items-center gap-2 text-sm"
        ><input type="checkbox" class="size-4" :checked="options.lift" @change="set({ lift: !options.lift })" />A stripe
        to lift when it is dry</label
      >
      <label class="flex items-center gap-2 text-sm"
        ><input
          type="checkbox"
          class="size-4"
          :checked="options.laminate"
          @change="set({ laminate: !options.laminate })"
        />A margin for laminating</label
      >
      <label class="flex items-center gap-2 text-sm"
        ><input
          type="checkbox"
          class="size-4"
          :checked="options.inLid"
          @change="set({ inLid: !options.inLid })"
        />Fitted to the inside of the lid</label
      >
      <div v-if="options.inLid" class="grid grid-cols-2 gap-2">
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
    </template>
    <template v-if="has('cards')">
      <label class="flex items-center gap-2 text-sm"
        ><input type="checkbox" class="size-4" :checked="options.punch" @change="set({ punch: !options.punch })" />A
        hole to hang it by</label
      >
      <label class="flex items-center gap-2 text-sm"
        ><input type="checkbox" class="size-4" :checked="options.window" @change="set({ window: !options.window })" />A
        window to look through</label
      >
    </template>
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
    <label v-if="!has('undersides', 'boxes')" class="flex items-center gap-2 text-sm"
      ><input
        type="checkbox"
        class="size-4"
        :checked="options.photoMarks"
        @change="set({ photoMarks: !options.photoMarks })"
      />Marks by which a photograph finds the boxes</label
    >
  </div>
</template>
