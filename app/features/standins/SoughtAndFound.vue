<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import type { StandIn } from '@juxtachrome/core/standins'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import StandInSwatches from './StandInSwatches.vue'

/** A paint with what would take its place below it, edge to edge; alone where nothing would. */
defineProps<{ paint?: Paint; standIn?: Pick<StandIn, 'paintId' | 'pigment' | 'mixture'> }>()
</script>

<template>
  <StandInSwatches v-if="paint && standIn" :sought="{ paint }" :stand-in="standIn" class="h-14 w-30" />
  <PaintSwatch v-else-if="paint" :paint="paint" class="h-14 w-30" />
  <span v-else />
</template>
