<script setup lang="ts">
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import FillingPage from './FillingPage.vue'

const route = useRoute()
const router = useRouter()
const collection = useCollection()
const palette = computed(() => {
  const p = collection.palette(String(route.params.id))
  return p?.removed ? undefined : p
})
useHead({ title: () => `Filling ${palette.value?.name ?? 'a palette'} · Juxtachrome` })
const isDay = computed(() => route.query.day === '1')
const show = (day: boolean) => router.replace({ query: day ? { day: '1' } : {} })
</script>

<template>
  <div v-if="palette" class="flex grow flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 py-1.5">
      <h1 class="min-w-0 grow truncate">Filling {{ palette.name }}</h1>
      <NuxtLink class="btn btn-quiet" :to="`/palettes/${palette.id}/fill`">Back to the palette</NuxtLink>
    </div>
    <FillingPage :palette="palette" :day="isDay" @show="show" />
  </div>
  <section v-else class="p-6">
    <h1>No such palette</h1>
    <p class="mt-2">It may have been removed. <NuxtLink class="link" to="/palettes">All palettes</NuxtLink></p>
  </section>
</template>
