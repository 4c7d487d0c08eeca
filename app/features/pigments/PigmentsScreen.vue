<script setup lang="ts">
import { HUE_FAMILIES } from '@juxtachrome/core/colour'
import { REFERENCE_PIGMENTS, searchPigments, type PigmentFilter } from '@juxtachrome/core/pigments'
import { computed, defineAsyncComponent, reactive, ref } from 'vue'
import { useCollection } from '~/stores/collection'
import PigmentRow from './PigmentRow.vue'
import VirtualList from '~/shared/ui/VirtualList.vue'

const LazyPigmentDetail = defineAsyncComponent(() => import('./PigmentDetail.vue'))

useHead({ title: 'Pigments · Juxtachrome' })
const route = useRoute()
const router = useRouter()
const collection = useCollection()
const filter = reactive<PigmentFilter>({})
const list = ref<{ focusRow(id: string): void }>()
const owned = computed(() => {
  const counts = new Map<string, number>()
  for (const paint of collection.paints)
    for (const code of paint.pigments) counts.set(code, (counts.get(code) ?? 0) + 1)
  return counts
})
const mine = ref(false)
const shown = computed(() => searchPigments(filter).filter((p) => !mine.value || owned.value.has(p.code)))
const open = computed(() => REFERENCE_PIGMENTS.find((p) => p.id === route.params.id))
const KINDS = ['organic', 'inorganic', 'earth', 'natural', 'dye', 'effect'] as const
const set = (key: keyof PigmentFilter, value: string) => Object.assign(filter, { [key]: value || undefined })
async function close() {
  const id = open.value?.id
  await router.push('/pigments')
  if (id) list.value?.focusRow(id)
}
</script>

<template>
  <div class="flex grow flex-col">
    <h1 class="sr-only">Pigments</h1>
    <div class="mx-auto grid w-full max-w-7xl grow grid-cols-1 gap-4 p-3 lg:grid-cols-[minmax(0,1fr)_28rem]">
      <section class="flex min-h-0 flex-col" :class="open ? 'max-lg:hidden' : ''" aria-label="Reference of pigments">
        <p class="mb-2 text-xl font-semibold" aria-hidden="true">Pigments</p>
        <div class="flex flex-wrap gap-2">
          <input
            v-model="filter.text"
            type="search"
            class="input min-w-40 grow basis-52"
            aria-label="Search pigments"
            placeholder="PB29, quinacridone, 77007 …"
            maxlength="100"
          />
          <select
            class="input w-auto"
            aria-label="Family"
            :value="filter.family ?? ''"
            @change="set('family', ($event.target as HTMLSelectElement).value)"
          >
            <option value="">every family</option>
            <option v-for="f in HUE_FAMILIES" :key="f">{{ f }}</option>
          </select>
          <select
            class="input w-auto"
            aria-label="Kind"
            :value="filter.kind ?? ''"
            @change="set('kind', ($event.target as HTMLSelectElement).value)"
          >
            <option value="">every kind</option>
            <option v-for="k in KINDS" :key="k">{{ k }}</option>
          </select>
        </div>
        <div class="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
          <label class="flex items-center gap-1.5"
            ><input v-model="mine" type="checkbox" class="size-4.5" />in my paints</label
          >
          <label class="flex items-center gap-1.5"
            ><input v-model="filter.granulating" type="checkbox" class="size-4.5" />granulating</label
          >
          <label class="flex items-center gap-1.5"
            ><input v-model="filter.lightfast" type="checkbox" class="size-4.5" />ASTM I or II</label
          >
          <label class="flex items-center gap-1.5"
            ><input v-model="filter.cautioned" type="checkbox" class="size-4.5" />with cautions</label
          >
        </div>
        <p class="hint mt-1" aria-live="polite">
          {{ shown.length }} of {{ REFERENCE_PIGMENTS.length }} entries; one code may hide several colours
        </p>
        <VirtualList
          ref="list"
          v-slot="{ row, bind }"
          :rows="shown"
          :row-height="48"
          :key-of="(p) => p.id"
          label="Pigments"
          class="panel mt-1 h-[calc(100dvh-17rem)] min-h-72 lg:h-[calc(100dvh-14.5rem-var(--strip))]"
        >
          <button
            v-bind="bind"
            class="list-row px-1.5"
            :aria-current="open?.id === row.id || undefined"
            @click="router.push(`/pigments/${encodeURIComponent(row.id)}`)"
          >
            <PigmentRow :pigment="row" :owned="owned.get(row.code) ?? 0" />
          </button>
        </VirtualList>
        <p v-if="shown.length === 0" class="hint mt-2">
          No pigment of the reference answers that. A code that is missing here can still be recorded on a paint.
        </p>
      </section>
      <aside
        v-if="open"
        class="panel min-w-0 self-start overflow-y-auto lg:sticky lg:top-3 lg:max-h-[calc(100dvh-5rem-var(--strip))]"
        tabindex="0"
        aria-label="Pigment"
      >
        <LazyPigmentDetail :pigment="open" @close="close" />
      </aside>
      <p v-else class="hint hidden self-start p-4 lg:block">
        Choose a pigment to see its colour, how it behaves, what its code can hide, and which of your paints and
        palettes contain it. Every figure says what stands behind it.
      </p>
    </div>
  </div>
</template>
