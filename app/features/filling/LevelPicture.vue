<script setup lang="ts">
import { computed } from 'vue'

/** A pan cut through: how far it is filled, 0..1 of the brim, and how far it is to be. */
const props = defineProps<{ now: number; to?: number; colour?: string }>()
const at = (share: number) => 22 - 18 * Math.min(1, Math.max(0, share))
const upper = computed(() => at(props.to ?? props.now))
</script>

<template>
  <svg viewBox="0 0 40 26" class="shrink-0 text-edge" aria-hidden="true">
    <rect
      v-if="to !== undefined"
      x="4"
      width="32"
      :y="upper"
      :height="22 - upper"
      :fill="colour ?? 'var(--line)'"
      opacity="0.55"
    />
    <rect x="4" width="32" :y="at(now)" :height="22 - at(now)" :fill="colour ?? 'var(--edge)'" />
    <path d="M3 3v20h34V3" fill="none" stroke="currentColor" stroke-width="1.6" />
    <line x1="5" x2="35" :y1="at(1)" :y2="at(1)" stroke="currentColor" stroke-width="0.6" stroke-dasharray="2 1.5" />
  </svg>
</template>
