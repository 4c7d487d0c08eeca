<script setup lang="ts">
import { defineAsyncComponent } from 'vue'

// the desk brings every kind of sheet along: the screen stands before it
const LazyPrintDesk = defineAsyncComponent(() => import('./PrintDesk.vue'))

useHead({ title: 'Charts and cards · Juxtachrome' })
</script>

<template>
  <div class="mx-auto w-full max-w-7xl">
    <h1 class="px-3 pt-3">Charts and cards</h1>
    <LazyPrintDesk />
  </div>
</template>
