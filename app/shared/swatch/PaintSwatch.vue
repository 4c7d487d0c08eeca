<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { usePreferences } from '~/stores/preferences'
import { filmSwatch, grainOf, screenSwatch, strokeOf } from './useSwatch'
import SwatchBand from './SwatchBand.vue'

const props = defineProps<{
  paint: Paint
  direction?: 'to right' | 'to bottom'
  /** Work out the film; costs a few ms the first time. */ film?: boolean
  /** Drawn as a stroke of the brush, unless swatches are wanted plain. */ brushed?: boolean
}>()
const preferences = usePreferences()
const swatch = computed(() => screenSwatch(props.paint))
const stops = computed(() => (props.film ? filmSwatch(props.paint) : swatch.value.stops))
</script>

<template>
  <SwatchBand
    :stops="stops"
    :grain="grainOf(paint)"
    :marked="swatch.marked"
    :assumed="swatch.assumed"
    :direction="direction"
    :stroke="brushed && !preferences.plainSwatches ? strokeOf(paint) : undefined"
  />
</template>
