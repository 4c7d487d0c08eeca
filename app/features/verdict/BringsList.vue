<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import { computed } from 'vue'
import PaintChip from '~/shared/said/PaintChip.vue'
import { usePreferences } from '~/stores/preferences'
import * as say from './words'

/** What each place brings, as bars, least missed first. */
const props = defineProps<{ brings: NonNullable<Assessment['brings']>; show: (placeId: string) => unknown }>()
const preferences = usePreferences()
const widest = computed(() => Math.max(0.001, ...props.brings.map((b) => b.worth)))
</script>

<template>
  <div>
    <ul>
      <li v-for="b in brings" :key="b.placeId" class="flex items-center gap-2 py-0.5">
        <button class="link min-h-6 w-8 shrink-0 text-right" :aria-label="`Show ${b.placeId}`" @click="show(b.placeId)">
          {{ b.placeId }}
        </button>
        <span class="min-w-0 flex-1"><PaintChip :paint-id="b.paintId" /></span>
        <span class="h-2 w-24 shrink-0 border border-line" aria-hidden="true"
          ><span class="block h-full bg-text" :style="{ width: `${(100 * b.worth) / widest}%` }"
        /></span>
        <span v-if="preferences.figures" class="w-12 shrink-0 text-right">{{ say.points(b.reach) }}</span>
      </li>
    </ul>
    <p class="hint">What would no longer be mixed, or only with more paints, if it went.</p>
  </div>
</template>
