<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import { PALETTE_STEPS, stepOf } from '~/shared/shell/steps'
import { useCollection } from '~/stores/collection'
import { PaletteTitle } from '~/features/palettes'
import { LazyStandInStep } from '~/features/standins'
import { LazyArrangeStep } from '~/features/arranging'
import { LazyUseStep } from '~/features/using'
import { LazyPrintDesk } from '~/features/printing'

const LazyPaletteBench = defineAsyncComponent(() => import('./PaletteBench.vue'))

const route = useRoute()
const router = useRouter()
const collection = useCollection()
const palette = computed(() => {
  const p = collection.palette(route.params.id as string)
  return p?.removed ? undefined : p
})
const step = computed(() => stepOf(route.params.step).id)
useHead({ title: () => `${stepOf(route.params.step).label}, ${palette.value?.name ?? 'palette'} · Juxtachrome` })
const place = computed(() => {
  const id = route.query.place
  return palette.value?.holder.places.find((p) => p.id === id)?.id
})
const select = (id: string | undefined) => router.replace({ query: id ? { place: id } : {} })
const go = (to: string) => router.push(`/palettes/${palette.value?.id}/${to}`)
</script>

<template>
  <div v-if="palette" class="flex grow flex-col">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line px-3 py-1.5">
      <PaletteTitle :palette="palette" />
      <nav aria-label="Steps" class="flex max-w-full gap-1 overflow-x-auto max-sm:-mx-2 max-sm:gap-0">
        <NuxtLink
          v-for="({ id, label }, i) in PALETTE_STEPS"
          :key="id"
          class="btn btn-quiet whitespace-nowrap max-sm:px-2"
          :to="`/palettes/${palette.id}/${id}`"
          :aria-label="label"
          :aria-current="id === step ? 'step' : undefined"
          ><span class="hint max-sm:hidden">{{ i + 1 }}</span
          ><span :class="id === step ? 'here' : ''">{{ label }}</span></NuxtLink
        >
      </nav>
    </div>
    <LazyStandInStep v-if="step === 'stand-in'" :key="palette.id" :palette="palette" :place="place" @select="select" />
    <LazyArrangeStep
      v-else-if="step === 'arrange'"
      :key="palette.id"
      :palette="palette"
      :place="place"
      @select="select"
    />
    <LazyUseStep v-else-if="step === 'use'" :key="palette.id" :palette="palette" :place="place" @select="select" />
    <LazyPrintDesk v-else-if="step === 'key'" :key="palette.id" :palette="palette" />
    <LazyPaletteBench
      v-else
      :key="`${palette.id}-${step}`"
      :palette="palette"
      :step="step"
      :place="place"
      @select="select"
      @go="go"
    />
  </div>
  <section v-else class="p-6">
    <h1>No such palette</h1>
    <p class="mt-2">It may have been removed. <NuxtLink class="link" to="/palettes">All palettes</NuxtLink></p>
  </section>
</template>
