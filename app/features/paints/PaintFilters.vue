<script setup lang="ts">
import { makersOf, NONE_AT_HAND, type PaintFilter } from '@juxtachrome/core/paints'
import { computed, ref } from 'vue'
import { toggled } from '~/shared/ui/toggled'
import { FILTER_FIELDS, useSavedFilters } from './useFilters'
import { useCollection } from '~/stores/collection'

/** What the list is narrowed down by: any number of words a field. */
const filter = defineModel<PaintFilter>({ required: true })
const collection = useCollection()
const { saved, save, remove } = useSavedFilters()
const name = ref('')
const each = (texts: readonly (string | undefined)[]) => [...new Set(texts.flatMap((t) => t ?? []))].sort()
/** Words that are found in the collection rather than on a scale. */
const FOUND: Record<string, () => readonly string[]> = {
  maker: () => makersOf(collection.paints),
  marks: () => each(collection.paints.flatMap((p) => p.marks ?? [])),
  place: () => each(collection.items.map((i) => i.place)),
}
/** Words beyond the scale of a field. */
const MORE: Record<string, readonly string[]> = { state: [NONE_AT_HAND], family: ['earth', 'neutral'] }
const LEAST: Record<string, number> = { maker: 2 }
const choices = computed(() =>
  FILTER_FIELDS.map((field) => ({
    ...field,
    words: FOUND[field.key]?.() ?? [...field.scale, ...(MORE[field.key] ?? [])],
  })).filter(({ key, words }) => words.length >= (LEAST[key] ?? 1)),
)
const isOn = (key: string, word: string) => filter.value.words?.[key]?.includes(word) ?? false
function toggle(key: string, word: string) {
  const now = filter.value.words?.[key] ?? []
  filter.value.words = { ...filter.value.words, [key]: toggled(now, word) }
}
function keep() {
  save(name.value, filter.value)
  name.value = ''
}
</script>

<template>
  <div class="panel max-h-[60dvh] space-y-2 overflow-y-auto p-3">
    <p v-if="saved.length" class="flex flex-wrap items-center gap-1.5 text-sm">
      <span class="hint">Saved:</span>
      <span v-for="s in saved" :key="s.name" class="chip">
        <button class="link px-1" @click="Object.assign(filter, s.filter)">{{ s.name }}</button>
        <button class="px-1" :aria-label="`Forget the filter ${s.name}`" @click="remove(s.name)">×</button>
      </span>
    </p>
    <div class="@container">
      <div class="gap-x-6 @xl:columns-2">
        <fieldset v-for="{ key, label, words } in choices" :key="key" class="mb-2 break-inside-avoid">
          <legend class="text-sm font-medium">{{ label }}</legend>
          <div class="flex flex-wrap gap-1.5">
            <button
              v-for="word in words"
              :key="word"
              type="button"
              class="choice"
              :aria-pressed="isOn(key, word)"
              @click="toggle(key, word)"
            >
              {{ word }}
            </button>
          </div>
        </fieldset>
      </div>
    </div>
    <button
      type="button"
      class="choice"
      :aria-pressed="Boolean(filter.singlePigment)"
      @click="filter.singlePigment = filter.singlePigment ? undefined : true"
    >
      single pigment only
    </button>
    <form class="flex flex-wrap items-center gap-2 text-sm" @submit.prevent="keep">
      <label class="flex items-center gap-2">Save as <input v-model="name" class="input w-40" maxlength="40" /></label
      ><button class="btn" :disabled="!name.trim()">Save the filter</button>
    </form>
  </div>
</template>
