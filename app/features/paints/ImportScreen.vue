<script setup lang="ts">
import ImportTable from './ImportTable.vue'
import LeftoverRows from './LeftoverRows.vue'

useHead({ title: 'Import · Juxtachrome' })
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <h1 class="mb-2">Import a table of paints</h1>
    <ImportTable />
    <LeftoverRows class="mt-6" />
  </div>
</template>
