<script setup lang="ts">
import type { CallProgress } from '@juxtachrome/core/choosing'
import { computed } from 'vue'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'

/** Four of each family as a table: what is taken, what is left open, and the gaps. */
const props = defineProps<{ calls: readonly CallProgress[]; open?: string }>()
const emit = defineEmits<{ open: [callId: string] }>()
const collection = useCollection()
const KINDS = ['warm', 'cool', 'dark', 'earth'] as const
const rows = computed(() => {
  const families = [...new Set(props.calls.map((c) => c.call.id.split('-')[0]!))]
  return families.map((family) => ({
    family,
    cells: KINDS.map((kind) => props.calls.find((c) => c.call.id === `${family}-${kind}`)),
  }))
})
const paintIn = (c: CallProgress) => collection.paint(c.took[0] ?? '')
const inWords = (c: CallProgress) => `${c.call.words}: ${paintIn(c)?.name ?? (c.left ? 'left open' : 'open')}`
</script>

<template>
  <table class="mb-2 w-full table-fixed text-[0.8125rem]">
    <thead>
      <tr class="hint">
        <td class="w-14"><span class="sr-only">family</span></td>
        <th v-for="kind in KINDS" :key="kind" scope="col" class="font-normal">{{ kind }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.family">
        <th scope="row" class="text-left font-normal">{{ row.family }}</th>
        <td v-for="(cell, i) in row.cells" :key="i" class="p-px">
          <button
            v-if="cell"
            class="block h-8 w-full border border-line"
            :class="open === cell.call.id ? 'outline-2 outline-text' : ''"
            :aria-label="inWords(cell)"
            :title="inWords(cell)"
            @click="emit('open', cell.call.id)"
          >
            <PaintSwatch v-if="paintIn(cell)" :paint="paintIn(cell)!" class="h-full" />
            <span v-else class="hint">{{ cell.left ? '–' : 'open' }}</span>
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>
