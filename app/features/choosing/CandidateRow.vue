<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import type { Paint } from '@juxtachrome/core/documents'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

/** A paint that may come in: its swatch touches its neighbours', its reasons stand beside it. */
defineProps<{ paint: Paint; reasons: string; recipe?: string }>()
const emit = defineEmits<{ look: [] }>()
const strip = useStrip()
const collection = useCollection()
</script>

<template>
  <li class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-2">
    <PaintSwatch :paint="paint" class="h-full min-h-14" />
    <div class="border-b border-line py-1">
      <button
        class="block max-w-full truncate text-left font-medium"
        :title="`Look at ${collection.called(paint)} (S sends it to the strip)`"
        @click="emit('look')"
        @keydown.s="strip.lay(paint.id)"
      >
        {{ collection.called(paint)
        }}<span v-if="paint.formula" class="hint ml-1.5 font-normal italic">{{ paint.formula }}</span>
      </button>
      <p class="hint text-[0.8125rem] leading-tight"><SaidPaints :text="reasons" /></p>
      <p v-if="recipe" class="text-[0.8125rem] leading-tight"><SaidPaints :text="recipe" /></p>
      <div class="mt-1 flex flex-wrap gap-x-3"><slot /></div>
    </div>
  </li>
</template>
