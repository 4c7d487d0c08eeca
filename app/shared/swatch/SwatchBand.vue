<script setup lang="ts">
import { gradient } from './useSwatch'

/** Colours from masstone to wash on white paper. A dotted edge: assumed; a triangle: a screen cannot show it. */
withDefaults(
  defineProps<{
    stops: readonly string[]
    grain?: number
    marked?: boolean
    assumed?: boolean
    direction?: 'to right' | 'to bottom'
  }>(),
  { grain: 0, direction: 'to right' },
)
</script>

<template>
  <span
    class="relative block overflow-hidden bg-ground"
    aria-hidden="true"
    :class="stops.length ? '' : 'unpainted'"
    :style="{ backgroundImage: gradient(stops, direction) }"
  >
    <span v-if="grain" class="grain absolute inset-0" :style="{ opacity: grain }" />
    <span v-if="assumed" class="assumed absolute inset-0" />
    <svg v-if="marked" class="absolute right-0.5 top-0.5" width="11" height="11" viewBox="0 0 11 11">
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
.assumed {
  border: 2px dotted #fff;
  outline: 1px dotted #1b1b1b;
  outline-offset: -1px;
}
</style>
