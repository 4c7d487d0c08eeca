<script setup lang="ts">
import { ITEM_FIELDS, PAINT_FIELDS, type Field } from '@juxtachrome/core/documents'
import type { PaintFilter } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'

const filter = defineModel<PaintFilter>({ required: true })
const collection = useCollection()
const fields: readonly Field[] = [...PAINT_FIELDS, ...ITEM_FIELDS].filter((f: Field) => f.filter)
const choices = computed(() => [
  ...fields.map(({ key, label, scale = [] }) => ({ key, label, words: [...scale] })),
  { key: 'maker', label: 'Maker', words: [...collection.makers] },
])
const valueOf = (key: string) => String(filter.value[key as keyof PaintFilter] ?? '')
const set = (key: string, value: unknown) => Object.assign(filter.value, { [key]: value || undefined })
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <label v-for="{ key, label, words } in choices" :key="key" class="min-w-0 text-sm">
      {{ label }}
      <select class="input" :value="valueOf(key)" @change="set(key, ($event.target as HTMLSelectElement).value)">
        <option value="">any</option>
        <option v-for="word in words" :key="word" :value="word">{{ word }}</option>
        <option v-if="key === 'state'" value="none">none at hand</option>
      </select>
    </label>
    <label class="check self-end py-1.5 text-sm">
      <input
        type="checkbox"
        :checked="filter.singlePigment"
        @change="set('singlePigment', ($event.target as HTMLInputElement).checked)"
      />
      Single pigment only
    </label>
  </div>
</template>
