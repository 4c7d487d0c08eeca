<script setup lang="ts">
import { ref } from 'vue'
import { useStart } from './useStart'

const busy = ref(false)
async function demo() {
  busy.value = true
  await useStart().openDemo()
  busy.value = false
}
</script>

<template>
  <section class="panel max-w-2xl p-5">
    <h2 class="mb-1">Your drawer of tubes goes here</h2>
    <p class="mb-3">
      Log what you own, lay out a palette to scale, note which tube fills which pan, and print a key for the lid.
      Everything stays in this browser and in the files you export.
    </p>
    <div class="flex flex-wrap gap-2">
      <NuxtLink class="btn btn-primary" to="/paints?add=1">Add the first paint</NuxtLink>
      <NuxtLink class="btn" to="/paints?add=list">Paste a list</NuxtLink>
      <NuxtLink class="btn" to="/import">Import a table</NuxtLink>
      <button class="btn" :disabled="busy" @click="demo">
        {{ busy ? 'Opening …' : 'Open the demo: a season on a seabird island' }}
      </button>
    </div>
  </section>
</template>
