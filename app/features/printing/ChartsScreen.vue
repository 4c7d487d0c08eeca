<script setup lang="ts">
import PrintDesk from './PrintDesk.vue'

useHead({ title: 'Charts and cards · Juxtachrome' })
</script>

<template>
  <div class="mx-auto w-full max-w-7xl">
    <h1 class="px-3 pt-3">Charts and cards</h1>
    <PrintDesk />
  </div>
</template>
