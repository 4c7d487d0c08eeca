<script setup lang="ts">
import { computed } from 'vue'
import PaperChoice from './PaperChoice.vue'
import SheetReader from './SheetReader.vue'
import SpectraReader from './SpectraReader.vue'

useHead({ title: 'Swatches · Juxtachrome' })
const route = useRoute()
const from = computed(() => (route.query.from === 'spectra' ? 'spectra' : 'sheet'))
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <div class="mb-2 flex flex-wrap items-center gap-x-4">
      <h1>Record swatches</h1>
      <nav aria-label="Where from" class="flex gap-1">
        <NuxtLink
          v-for="[key, label] in [
            ['sheet', 'A photographed sheet'],
            ['spectra', 'A file of spectra'],
          ]"
          :key="key"
          class="btn btn-quiet"
          :to="`/swatches?from=${key}`"
          :aria-current="from === key ? 'page' : undefined"
          :class="from === key ? 'here' : ''"
          >{{ label }}</NuxtLink
        >
      </nav>
    </div>
    <PaperChoice />
    <SpectraReader v-if="from === 'spectra'" /><SheetReader v-else />
  </div>
</template>
