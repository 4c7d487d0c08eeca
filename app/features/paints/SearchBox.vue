<script setup lang="ts">
import type { PaintFilter, SearchAsk } from '@juxtachrome/core/paints'
import { SlidersHorizontal } from '@lucide/vue'
import { counted } from '@juxtachrome/core/units'
import { computed, defineAsyncComponent, ref } from 'vue'
import { chipsOf, without } from './useFilters'

const LazyPaintFilters = defineAsyncComponent(() => import('./PaintFilters.vue'))

const filter = defineModel<PaintFilter>({ required: true })
defineProps<{ shown: number; total: number; isFiltered: boolean; understood?: readonly SearchAsk[] }>()
const emit = defineEmits<{ clear: []; forget: [ask: SearchAsk] }>()
const more = ref(false)
const chips = computed(() => chipsOf(filter.value))
</script>

<template>
  <div>
    <div class="flex gap-2">
      <input
        type="search"
        class="input"
        aria-label="Search paints"
        placeholder="Name, code or maker; or granulating blue, fades, owned twice"
        maxlength="200"
        :value="filter.text ?? ''"
        @input="filter.text = ($event.target as HTMLInputElement).value || undefined"
      />
      <button class="btn btn-icon" :aria-expanded="more" aria-label="Filters" title="Filters" @click="more = !more">
        <SlidersHorizontal :size="18" />
      </button>
    </div>
    <p v-if="chips.length + (understood?.length ?? 0)" class="mt-1 flex flex-wrap gap-1.5">
      <button
        v-for="ask in understood"
        :key="ask.key + ask.chip"
        class="choice"
        aria-pressed="true"
        :aria-label="`Understood: ${ask.chip}. Take it out of the search`"
        @click="emit('forget', ask)"
      >
        {{ ask.chip }} ×
      </button>
      <button
        v-for="chip in chips"
        :key="chip.key"
        class="choice"
        aria-pressed="true"
        :aria-label="`Filter: ${chip.words}. Take it away`"
        @click="without(filter, chip.key)"
      >
        {{ chip.words }} ×
      </button>
    </p>
    <LazyPaintFilters v-if="more" v-model="filter" class="mt-2" />
    <p class="hint mt-1 flex justify-between" aria-live="polite">
      <span>{{ isFiltered ? `${shown} of ${total} paints` : `${counted(total, 'paint')}, by hue` }}</span>
      <button v-if="isFiltered" class="link" @click="emit('clear')">Show all</button>
    </p>
  </div>
</template>
