<script setup lang="ts">
import type { Paint } from '@juxtachrome/core'
import { computed } from 'vue'
import { grainOf, screenSwatch } from '~/composables/useSwatch'

const props = defineProps<{ paint: Paint; direction?: 'to right' | 'to bottom' }>()
const swatch = computed(() => screenSwatch(props.paint))
</script>

<template>
  <SwatchBand :stops="swatch.stops" :grain="grainOf(paint)" :marked="swatch.marked" :assumed="swatch.assumed" :direction="direction" />
</template>
