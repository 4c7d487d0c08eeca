<script setup lang="ts">
import { useUpdate } from './useUpdate'

const { update, take, later } = useUpdate()
</script>

<template>
  <div
    v-if="update !== 'none'"
    role="status"
    class="flex flex-wrap items-center gap-3 border-b border-line bg-surface px-4 py-2"
  >
    <p class="grow">
      <template v-if="update === 'ready'">A newer Juxtachrome is ready.</template>
      <template v-else>
        A newer Juxtachrome was taken in another window. Nothing is lost here; reload when it suits you.
      </template>
    </p>
    <button class="btn" @click="take">Reload with it</button>
    <button class="btn btn-quiet" @click="later">Later</button>
  </div>
</template>
