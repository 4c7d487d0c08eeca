<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { defineAsyncComponent, ref } from 'vue'

const LazyPaletteDetails = defineAsyncComponent(() => import('./PaletteDetails.vue'))

defineProps<{ palette: Palette }>()
const editing = ref(false)
</script>

<template>
  <div class="flex min-w-0 items-center gap-2">
    <div class="min-w-0">
      <h1 class="truncate">{{ palette.name }}</h1>
      <p class="hint truncate">{{ palette.use }}{{ palette.purpose ? ` · ${palette.purpose}` : '' }}</p>
    </div>
    <button class="btn btn-quiet" @click="editing = true">Details</button>
    <NuxtLink class="btn btn-quiet" :to="`/palettes/${palette.id}/box`">Box</NuxtLink>
    <LazyPaletteDetails v-if="editing" :palette="palette" @close="editing = false" />
  </div>
</template>
