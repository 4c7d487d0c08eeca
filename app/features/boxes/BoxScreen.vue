<script setup lang="ts">
import { computed } from 'vue'
import { useBoxCommands } from './commands'
import { useCollection } from '~/stores/collection'
import BoxEditor from './BoxEditor.vue'

const route = useRoute()
const collection = useCollection()
const commands = useBoxCommands()
const box = computed(() => collection.holder(String(route.params.id)))
const redraw = computed(() => commands.redraw(String(route.params.id)))
const UNUSED: ReadonlySet<string> = new Set()
useHead({ title: () => `${box.value?.name ?? 'Box'} · Juxtachrome` })
</script>

<template>
  <div v-if="box" class="flex grow flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 py-1.5">
      <h1 class="min-w-0 grow truncate">{{ box.name }}</h1>
      <NuxtLink class="btn btn-quiet" to="/boxes">All boxes</NuxtLink>
      <NuxtLink class="btn btn-primary" :to="`/palettes?new=1&box=${box.id}`">Make a palette in it</NuxtLink>
    </div>
    <BoxEditor :key="box.id" :holder="box" :redraw="redraw" :used="UNUSED" is-named />
  </div>
  <section v-else class="p-6">
    <h1>No such box</h1>
    <p class="mt-2">It may have been removed. <NuxtLink class="link" to="/boxes">All boxes</NuxtLink></p>
  </section>
</template>
