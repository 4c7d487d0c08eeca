<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import PaintChip from '~/shared/said/PaintChip.vue'

/** Planned paints that go against a wish, and which. */
defineProps<{ misfits: Assessment['misfits']; show: (placeId: string) => unknown }>()
</script>

<template>
  <ul class="space-y-0.5">
    <li v-for="m in misfits" :key="m.placeId">
      <button class="link" :aria-label="`Show ${m.placeId}`" @click="show(m.placeId)">{{ m.placeId }}</button>
      <PaintChip :paint-id="m.paintId" class="ml-1" />: {{ m.fit.word }}, {{ m.fit.reasons.join(', ') }}
    </li>
  </ul>
</template>
