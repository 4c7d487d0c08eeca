<script setup lang="ts">
import {
  GRANULATIONS,
  HUE_FAMILIES,
  LIGHTFASTNESSES,
  REMARKS,
  STAININGS,
  SUPPLIES,
  TRANSPARENCIES,
  type PaintFilter,
} from '@juxtachrome/core'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'

const filter = defineModel<PaintFilter>({ required: true })
const collection = useCollection()
const CHOICES = [
  { key: 'family', label: 'Family', values: HUE_FAMILIES },
  { key: 'state', label: 'State', values: [...SUPPLIES, ...REMARKS, 'none'] },
  { key: 'transparency', label: 'Transparency', values: TRANSPARENCIES },
  { key: 'staining', label: 'Staining', values: STAININGS },
  { key: 'granulation', label: 'Granulation', values: GRANULATIONS },
  { key: 'lightfastness', label: 'Lightfastness', values: LIGHTFASTNESSES },
] as const
const makers = computed(() => collection.makers)
const set = (key: keyof PaintFilter, value: string) => Object.assign(filter.value, { [key]: value || undefined })
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <label v-for="choice in CHOICES" :key="choice.key" class="min-w-0 text-sm"
      >{{ choice.label }}
      <select
        class="input"
        :value="filter[choice.key] ?? ''"
        @change="set(choice.key, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">any</option>
        <option v-for="value in choice.values" :key="value" :value="value">
          {{ value === 'none' ? 'none at hand' : value }}
        </option>
      </select>
    </label>
    <label class="min-w-0 text-sm"
      >Maker
      <select
        class="input"
        :value="filter.maker ?? ''"
        @change="set('maker', ($event.target as HTMLSelectElement).value)"
      >
        <option value="">any</option>
        <option v-for="maker in makers" :key="maker" :value="maker">{{ maker }}</option>
      </select>
    </label>
    <label class="flex items-center gap-2 self-end py-1.5 text-sm"
      ><input
        type="checkbox"
        class="size-5"
        :checked="filter.singlePigment"
        @change="filter.singlePigment = ($event.target as HTMLInputElement).checked || undefined"
      />
      Single pigment only</label
    >
  </div>
</template>
