<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { middleOf } from '@juxtachrome/core/arranging'
import { computed } from 'vue'
import type { OverLine } from './lens'

/** Lines from place to place, drawn over a tray. */
const props = defineProps<{ holder: Holder; lines: readonly OverLine[] }>()
const drawn = computed(() => {
  const at = new Map(props.holder.places.map((p) => [p.id, middleOf(p.shape)]))
  return props.lines.flatMap(({ from, to, isWhole }) => {
    const [p, q] = [at.get(from), at.get(to)]
    return p && q ? [{ key: `${from} ${to}`, x1: p.x, y1: p.y, x2: q.x, y2: q.y, isWhole }] : []
  })
})
</script>

<template>
  <svg
    aria-hidden="true"
    class="pointer-events-none absolute inset-0 size-full"
    :viewBox="`0 0 ${holder.width} ${holder.height}`"
    preserveAspectRatio="none"
  >
    <g v-for="{ key, isWhole, ...ends } in drawn" :key="key">
      <line v-bind="ends" class="halo" />
      <line v-bind="ends" class="ink" :stroke-dasharray="isWhole ? undefined : '3 3'" />
      <circle :cx="ends.x1" :cy="ends.y1" r="1.6" class="end" />
      <circle :cx="ends.x2" :cy="ends.y2" r="1.6" class="end" />
    </g>
  </svg>
</template>

<style scoped>
.halo {
  stroke: #fff;
  stroke-width: 2.6;
  opacity: 0.85;
}
.ink {
  stroke: #111;
  stroke-width: 0.9;
}
.end {
  fill: #111;
  stroke: #fff;
  stroke-width: 0.6;
}
</style>
