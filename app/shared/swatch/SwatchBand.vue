<script setup lang="ts">
import { gradient } from './useSwatch'

/**
 * Colours from masstone to wash on white paper. A dotted edge: assumed; a triangle: a screen cannot show it. As a stroke
 * of the brush its edge is uneven and it ends dry; its colours are the same.
 */
withDefaults(
  defineProps<{
    stops: readonly string[]
    grain?: number
    marked?: boolean
    assumed?: boolean
    direction?: 'to right' | 'to bottom'
    /** Which of the strokes it is drawn as; a plain band without one. */
    stroke?: 1 | 2 | 3
  }>(),
  { grain: 0, direction: 'to right' },
)
</script>

<template>
  <span class="swatch relative block overflow-hidden bg-ground" aria-hidden="true">
    <span
      class="absolute inset-0"
      :class="[
        stops.length ? '' : 'unpainted',
        stroke && stops.length ? `stroke stroke-${stroke}` : '',
        direction === 'to bottom' ? 'down' : '',
      ]"
      :style="{ backgroundImage: gradient(stops, direction) }"
    >
      <span v-if="grain" class="grain absolute inset-0" :style="{ opacity: grain }" />
    </span>
    <span v-if="assumed" class="assumed absolute inset-0" />
    <svg v-if="marked" class="absolute right-0.5 top-0.5" width="11" height="11" viewBox="0 0 11 11">
      <path d="M5.5 .8 10.2 10H.8Z" fill="#fff" stroke="#1b1b1b" />
    </svg>
  </span>
</template>

<style scoped>
.swatch {
  forced-color-adjust: none;
}
.stroke {
  mask: var(--stroke) 0 0 / 100% 100% no-repeat;
  /* pigment gathers at the edge of what dries */
  box-shadow: inset 0 0 3px rgb(0 0 0 / 0.3);
}
.stroke-1 {
  --stroke: url('/stroke-1.svg');
}
.stroke-2 {
  --stroke: url('/stroke-2.svg');
}
.stroke-3 {
  --stroke: url('/stroke-3.svg');
}
.stroke-1.down {
  --stroke: url('/stroke-1-down.svg');
}
.stroke-2.down {
  --stroke: url('/stroke-2-down.svg');
}
.stroke-3.down {
  --stroke: url('/stroke-3-down.svg');
}
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
