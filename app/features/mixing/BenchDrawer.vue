<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import { byWheel, paintInWords, viewOfPaint } from '@juxtachrome/core/paints'
import { computed, ref } from 'vue'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { PaintRow } from '~/features/paints'
import VirtualList from '~/shared/ui/VirtualList.vue'

/** Paints to choose from, of a palette or of the whole collection. */
const props = defineProps<{ chosen: readonly string[]; doing?: string }>()
const emit = defineEmits<{ pick: [paintId: string] }>()
const bench = useBench()
const collection = useCollection()
const text = ref('')
const rows = computed(() => {
  const here = new Set(bench.paints.map((p) => p.id))
  const hits = text.value.trim()
    ? collection.find(text.value)?.flatMap((id) => (here.has(id) ? (collection.paint(id) ?? []) : []))
    : undefined
  return hits ? hits.map(viewOfPaint) : bench.paints.map(viewOfPaint).sort(byWheel)
})
const isOn = (paint: Paint) => props.chosen.includes(paint.id)
function pick(paint: Paint) {
  if (paint.effect) return useNotices().trouble(`${paint.name} is ${paint.effect}: the model cannot predict it.`)
  emit('pick', paint.id)
}
</script>

<template>
  <section class="flex min-h-0 flex-col" aria-label="Drawer: paints to mix">
    <label class="mb-1 flex items-center gap-2 text-sm"
      >From
      <select v-model="bench.scope" class="input">
        <option value="">the whole collection</option>
        <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
      </select></label
    >
    <input
      v-model="text"
      type="search"
      class="input"
      aria-label="Search paints to mix"
      placeholder="Name, code or maker"
      maxlength="200"
    />
    <VirtualList
      v-slot="{ row, bind }"
      :rows="rows"
      :row-height="48"
      :key-of="(v) => v.paint.id"
      label="Paints to mix"
      class="panel mt-1 h-64 lg:h-[calc(100dvh-16rem-var(--strip))]"
    >
      <button
        v-bind="bind"
        class="list-row px-1"
        :aria-pressed="isOn(row.paint)"
        :aria-label="`${paintInWords(row.paint)}. ${doing ?? 'Put on the bench'}`"
        @click="pick(row.paint)"
      >
        <PaintRow :view="row" />
      </button>
    </VirtualList>
    <p v-if="rows.length === 0" class="hint mt-1">No paint here. Choose the whole collection, or add paints first.</p>
  </section>
</template>
