<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { useToday } from '~/composables/useToday'

const props = defineProps<{ palette: Palette }>()
const emit = defineEmits<{ taken: [] }>()
const today = useToday()
const planned = computed(() => Object.values(props.palette.plan).filter((p) => p.paintId).length)
</script>

<template>
  <p v-if="planned < 2" class="hint p-4">
    Ordering needs at least two planned paints.
    <NuxtLink class="link" :to="`/palettes/${palette.id}/choose`">Choose some first.</NuxtLink>
  </p>
  <template v-else>
    <p class="hint px-3 pt-2">
      Lay two arrangements side by side, then take one. Locked and reserved places stay as they are.
    </p>
    <ArrangeCompare :palette="palette" :today="today" @taken="emit('taken')" />
  </template>
</template>
