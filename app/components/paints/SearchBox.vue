<script setup lang="ts">
import type { PaintFilter } from '@juxtachrome/core/paints'
import { SlidersHorizontal } from '@lucide/vue'
import { ref } from 'vue'

const filter = defineModel<PaintFilter>({ required: true })
defineProps<{ shown: number; total: number; isFiltered: boolean }>()
const emit = defineEmits<{ clear: [] }>()
const more = ref(false)
</script>

<template>
  <div>
    <div class="flex gap-2">
      <input
        type="search"
        class="input"
        aria-label="Search paints"
        placeholder="Name, code or maker"
        maxlength="200"
        :value="filter.text ?? ''"
        @input="filter.text = ($event.target as HTMLInputElement).value || undefined"
      />
      <button class="btn btn-icon" :aria-expanded="more" aria-label="Filters" title="Filters" @click="more = !more">
        <SlidersHorizontal :size="18" />
      </button>
    </div>
    <LazyPaintFilters v-if="more" v-model="filter" class="mt-2" />
    <p class="hint mt-1 flex justify-between" aria-live="polite">
      <span>{{ isFiltered ? `${shown} of ${total} paints` : `${total} paints, by hue` }}</span>
      <button v-if="isFiltered" class="link" @click="emit('clear')">Show all</button>
    </p>
  </div>
</template>
