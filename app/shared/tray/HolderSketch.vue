<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { boxOf } from '@juxtachrome/core/arranging'

defineProps<{ holder: Holder }>()
</script>

<template>
  <svg
    :viewBox="`-2 -2 ${holder.width + 4} ${holder.height + 4}`"
    aria-hidden="true"
    class="text-edge"
    fill="none"
    stroke="currentColor"
  >
    <circle
      v-if="holder.outline === 'ring'"
      :cx="holder.width / 2"
      :cy="holder.height / 2"
      :r="holder.width / 2"
      stroke-width="1.5"
    />
    <rect v-else :width="holder.width" :height="holder.height" rx="5" stroke-width="1.5" />
    <template v-for="place in holder.places" :key="place.id">
      <circle
        v-if="place.shape.kind === 'circle'"
        :cx="place.shape.x"
        :cy="place.shape.y"
        :r="place.shape.radius"
        class="fill-sunken"
      />
      <rect v-else v-bind="boxOf(place.shape)" :rx="place.shape.corner" class="fill-sunken" />
    </template>
  </svg>
</template>
