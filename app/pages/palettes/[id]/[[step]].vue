<script setup lang="ts">
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'

definePageMeta({ key: 'palette' })
const STEPS = ['choose', 'arrange', 'fill', 'key'] as const
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const palette = computed(() => {
  const p = collection.palette(route.params.id as string)
  return p?.removed ? undefined : p
})
const step = computed(() => STEPS.find((s) => s === route.params.step) ?? 'choose')
useHead({ title: () => `${palette.value?.name ?? 'Palette'} · Juxtachrome` })
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
      <nav aria-label="Steps" class="flex gap-1">
        <NuxtLink
          v-for="(s, i) in STEPS"
          :key="s"
          class="btn btn-quiet capitalize"
          :to="`/palettes/${palette.id}/${s}`"
          :aria-current="s === step ? 'step' : undefined"
          ><span class="hint">{{ i + 1 }}</span
          ><span :class="s === step ? 'underline decoration-2 underline-offset-8' : ''">{{ s }}</span></NuxtLink
        >
      </nav>
    </div>
    <ArrangeStep v-if="step === 'arrange'" :palette="palette" @taken="go('choose')" />
    <KeyPanel v-else-if="step === 'key'" :key="palette.id" :palette="palette" />
    <PaletteBench
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
