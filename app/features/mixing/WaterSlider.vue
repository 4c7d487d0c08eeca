<script setup lang="ts">
import { waterInWords } from '~/shared/swatch/useMixtures'

/** Parts of water to one of paint, in the words of the palette. */
const water = defineModel<number>({ required: true })
withDefaults(defineProps<{ words: string; label: string; most: number; step?: number }>(), { step: 0.25 })
</script>

<template>
  <label class="block text-sm"
    >{{ words }}, {{ waterInWords(water) }}
    <input
      v-model.number="water"
      type="range"
      class="w-full"
      min="0"
      :max="most"
      :step="step"
      :aria-label="label"
      :aria-valuetext="waterInWords(water)"
    />
  </label>
</template>
