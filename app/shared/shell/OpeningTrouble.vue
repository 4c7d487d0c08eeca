<script setup lang="ts">
import { useRescue } from './useRescue'
import { useKeeper } from '~/stores/keeper'

/** In place of every screen when the collection could not be opened: what is wrong, and what can be done. */
const emit = defineEmits<{ goOn: [] }>()
const keeper = useKeeper()
const { said, exportReadable, reload } = useRescue()
</script>

<template>
  <section class="panel m-3 max-w-2xl self-center p-4" role="alert">
    <h1 class="mb-2">The collection could not be opened</h1>
    <p class="mb-2">{{ keeper.problem?.message }}</p>
    <p class="mb-3">Nothing was changed or deleted: what this browser holds is as it was.</p>
    <div class="flex flex-wrap gap-2">
      <button class="btn btn-primary" @click="reload">Try again</button>
      <button class="btn" @click="exportReadable">Export what can be read</button>
      <button class="btn" @click="emit('goOn')">Go on without keeping</button>
    </div>
    <p v-if="said" class="mt-2" role="status">{{ said }}</p>
    <p class="hint mt-2">
      To go on without keeping shows an empty collection: files can be looked at and worked with, and nothing of it is
      there after a reload.
    </p>
  </section>
</template>
