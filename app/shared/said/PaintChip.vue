<script setup lang="ts">
import { computed } from 'vue'
import { gradient, screenSwatch } from '~/shared/swatch/useSwatch'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import { usePointing } from './usePointing'

/** A paint in a sentence: its swatch and its name, to be looked at, or carried to a place. */
const props = defineProps<{ paintId: string }>()
const collection = useCollection()
const nameOf = usePaintName()
const pointing = usePointing()
const paint = computed(() => collection.paint(props.paintId))
const backgroundImage = computed(() => paint.value && gradient(screenSwatch(paint.value).stops))
</script>

<template>
  <button
    v-if="paint"
    class="inline-block min-h-6 max-w-full rounded-xs text-left font-medium hover:underline"
    @click="pointing.look(paintId)"
    @pointerdown="pointing.press?.($event, paintId)"
  >
    <!-- one box without layers, so that a sentence that is copied is one line -->
    <span
      class="colour mr-1 inline-block h-4 w-6 align-[-0.15em] outline outline-line"
      :style="{ backgroundImage }"
    />{{ nameOf(paintId) }}
  </button>
  <template v-else>{{ nameOf(paintId) }}</template>
</template>

<style scoped>
.colour {
  forced-color-adjust: none;
  background: repeating-linear-gradient(45deg, #bdbdbd 0 1px, #fff 1px 6px);
}
</style>
