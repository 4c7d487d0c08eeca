<script setup lang="ts">
import SwatchBand from './SwatchBand.vue'

/** Two colours edge to edge, one above the other, each from masstone to wash. */
defineProps<{ above: readonly string[]; below: readonly string[] }>()
</script>

<template>
  <span class="flex h-14 w-30 flex-col" aria-hidden="true">
    <SwatchBand :stops="above" class="h-1/2" /><SwatchBand :stops="below" class="h-1/2" />
  </span>
</template>
