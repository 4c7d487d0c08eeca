<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import PaintSwatch from './PaintSwatch.vue'

/** A paint in a list: its swatch, and what is to be said of it. A button where it can be chosen. */
defineProps<{ paint?: Paint; button?: boolean; selected?: boolean }>()
</script>

<template>
  <component
    :is="button ? 'button' : 'div'"
    class="flex min-h-10 w-full items-center gap-2 border-t border-line py-1 text-left"
    :class="selected ? 'bg-sunken' : ''"
    :type="button ? 'button' : undefined"
  >
    <PaintSwatch v-if="paint" :paint="paint" brushed class="h-6 w-10 shrink-0" />
    <slot />
  </component>
</template>
