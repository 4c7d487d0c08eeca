<script setup lang="ts">
import type { Assessment } from '@juxtachrome/core/choosing'
import PaintChip from '~/shared/said/PaintChip.vue'

/** Paints that take no part in predictions, and why. */
defineProps<{ left: Assessment['left'] }>()
</script>

<template>
  <ul>
    <li v-for="l in left" :key="l.paintId"><PaintChip :paint-id="l.paintId" />: {{ l.message }}</li>
  </ul>
</template>
