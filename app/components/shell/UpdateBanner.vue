<script setup lang="ts">
const { $pwa } = useNuxtApp()
</script>

<template>
  <div
    v-if="$pwa?.needRefresh"
    role="status"
    class="flex flex-wrap items-center gap-3 border-b border-line bg-surface px-4 py-2"
  >
    <p class="grow">A newer Juxtachrome is ready.</p>
    <button class="btn" @click="$pwa.updateServiceWorker(true)">Reload with it</button>
    <button class="btn btn-quiet" @click="$pwa.cancelPrompt()">Later</button>
  </div>
</template>
