<script setup lang="ts">
import { remarkableOn, type PaintedBox } from '@juxtachrome/core/charts'
import { computed, ref } from 'vue'
import { saveColours } from '~/shared/files/saveSheets'
import type { useSheets } from './useSheets'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import PageDrawing from './PageDrawing.vue'

/** The sheets with the colours that are predicted, what is remarkable among them, and any of them on the bench. */
const props = defineProps<{ sheets: ReturnType<typeof useSheets> }>()
const collection = useCollection()
const bench = useBench()
const { fonts, asPredicted, labsOf, title } = props.sheets
const pages = computed(() => (asPredicted.value?.ok ? asPredicted.value.value.pages : []))
const boxes = computed(() => pages.value.flatMap((p) => p.boxes))
const labOf = (box: PaintedBox) => labsOf(box.filling)[0]
const remarkable = computed(() => remarkableOn(boxes.value, labOf, collection.paint))
const shown = ref<string>()
const marked = computed(() => new Set(remarkable.value.find((r) => r.words === shown.value)?.boxes.map((b) => b.id)))
function open(box: PaintedBox) {
  bench.lay(
    box.filling.parts.map((p) => ({ ...p })),
    box.filling.water,
  )
  void navigateTo('/bench?view=mix')
}
const colours = () =>
  boxes.value.map((b) => {
    const predicted = labOf(b)
    return { id: b.id, name: b.label, ...(predicted ? { predicted } : {}) }
  })
</script>

<template>
  <div>
    <ul v-if="remarkable.length" aria-label="What is remarkable" class="mb-2">
      <li v-for="r in remarkable" :key="r.words" class="border-t border-line py-1">
        <button
          class="text-left"
          :aria-pressed="shown === r.words"
          @click="shown = shown === r.words ? undefined : r.words"
        >
          <span :class="shown === r.words ? 'font-semibold' : ''">{{ r.words }}</span>
        </button>
      </li>
    </ul>
    <p class="hint text-sm">
      Predicted, not measured; your eye has the last word. Choose a box to lay it on the bench.
      <button class="link" @click="saveColours('csv', title, colours())">Save the colours as CSV</button>,
      <button class="link" @click="saveColours('gpl', title, colours())">as GPL</button>.
    </p>
    <div class="mt-2 grid gap-3" :class="pages.length > 1 ? 'xl:grid-cols-2' : ''">
      <PageDrawing
        close
        v-for="(page, i) in pages"
        :key="i"
        :page="page"
        :measure="fonts!.measure"
        :label="`${title}, as predicted, sheet ${i + 1}`"
        class="mx-auto"
        :style="{ maxWidth: `${page.content.width * 7}px`, maxHeight: pages.length > 1 ? undefined : '76dvh' }"
      >
        <rect
          v-for="b in page.boxes"
          :key="b.id"
          v-bind="b.box"
          fill="transparent"
          class="cursor-pointer"
          :stroke="marked.has(b.id) ? '#000' : 'none'"
          :stroke-width="marked.has(b.id) ? 1 : 0"
          role="button"
          tabindex="0"
          :aria-label="`${b.label}: lay it on the bench`"
          @click="open(b)"
          @keydown.enter="open(b)"
        >
          <title>{{ b.label }}</title>
        </rect>
      </PageDrawing>
    </div>
  </div>
</template>
