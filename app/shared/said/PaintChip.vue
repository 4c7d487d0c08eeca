<script setup lang="ts">
import { computed } from 'vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import { usePointing } from './usePointing'

/** A paint in a sentence: its swatch and its name, to be looked at, or carried to a place. */
const props = defineProps<{ paintId: string }>()
const collection = useCollection()
const nameOf = usePaintName()
const pointing = usePointing()
const paint = computed(() => collection.paint(props.paintId))
</script>

<template>
  <button
    v-if="paint"
    class="inline-flex min-h-6 max-w-full items-baseline gap-1 rounded-xs text-left font-medium hover:underline"
    @click="pointing.look(paintId)"
    @pointerdown="pointing.press?.($event, paintId)"
  >
    <PaintSwatch :paint="paint" class="h-4 w-6 shrink-0 self-center outline outline-line" /><span
      class="min-w-0 truncate leading-tight"
      >{{ nameOf(paintId) }}</span
    >
  </button>
  <template v-else>{{ nameOf(paintId) }}</template>
</template>
