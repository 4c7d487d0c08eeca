<script setup lang="ts">
import type { Paint } from '@juxtachrome/core'
import { computed } from 'vue'
import { gradient, grainOf, screenSwatch } from '~/composables/useSwatch'

const props = defineProps<{ paint: Paint; direction?: 'to right' | 'to bottom' }>()
const swatch = computed(() => screenSwatch(props.paint))
const grain = computed(() => grainOf(props.paint))
</script>

<template>
  <span
    class="relative block overflow-hidden bg-ground" aria-hidden="true" :class="swatch.stops.length ? '' : 'unpainted'"
    :style="{ backgroundImage: gradient(swatch.stops, direction) }"
  >
    <span v-if="grain" class="grain absolute inset-0" :style="{ opacity: grain }" />
    <svg v-if="swatch.marked" class="absolute right-0.5 top-0.5" width="11" height="11" viewBox="0 0 11 11">
      <path d="M5.5 .8 10.2 10H.8Z" fill="#fff" stroke="#1b1b1b" />
    </svg>
  </span>
</template>

<style scoped>
.unpainted {
  background-image: repeating-linear-gradient(45deg, #bdbdbd 0 1px, #fff 1px 6px);
}
.grain {
  background: url('/grain.svg');
}
</style>
