<script setup lang="ts">
import PackTin from './PackTin.vue'

useHead({ title: 'How many pans fit? · Juxtachrome' })
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <div class="mb-3 flex items-center gap-2">
      <h1 class="grow">How many pans fit?</h1>
      <NuxtLink class="btn btn-quiet" to="/boxes">All boxes</NuxtLink>
    </div>
    <PackTin />
  </div>
</template>
