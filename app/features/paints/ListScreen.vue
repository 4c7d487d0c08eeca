<script setup lang="ts">
import { byWheel, codesInWords, propertiesOf, viewOfPaint } from '@juxtachrome/core/paints'
import { computed } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'
import EmptyCollection from '~/shared/shell/EmptyCollection.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { inMl } from '~/shared/words/figures'

/** The collection as a list to print: swatch, name, codes, behaviour, what is owned. */
useHead({ title: 'List of paints · Juxtachrome' })
const collection = useCollection()
const { atHand } = useBalances()
const rows = computed(() =>
  collection.paints
    .map(viewOfPaint)
    .sort(byWheel)
    .map(({ paint }) => ({
      paint,
      behaviour: Object.values(propertiesOf(paint))
        .map((p: { value: string }) => p.value)
        .join(', '),
      owned: collection.itemsOf(paint.id).length,
      noted: [...(paint.marks ?? []), ...new Set(collection.itemsOf(paint.id).flatMap((i) => i.place ?? []))].join(
        ', ',
      ),
      ml: atHand(paint.id),
    })),
)
const print = () => window.print()
</script>

<template>
  <div class="mx-auto w-full max-w-4xl p-3 print:max-w-none print:p-0">
    <div class="mb-3 flex items-center gap-2 print:hidden">
      <h1 class="grow">List of paints</h1>
      <button class="btn btn-primary" @click="print">Print it</button>
    </div>
    <EmptyCollection v-if="rows.length === 0" />
    <ul class="columns-1 gap-x-6 sm:columns-2 print:columns-2">
      <li
        v-for="{ paint, behaviour, owned, ml, noted } in rows"
        :key="paint.id"
        class="flex break-inside-avoid items-center gap-2 border-b border-line py-1 text-[0.8125rem] leading-tight"
      >
        <PaintSwatch :paint="paint" class="h-8 w-14 shrink-0 [print-color-adjust:exact]" />
        <span class="min-w-0 grow">
          <strong class="font-semibold">{{ paint.name }}</strong>
          <span v-if="paint.formula" class="ml-1 italic">{{ paint.formula }}</span>
          <span class="block">{{ [codesInWords(paint), paint.maker].filter(Boolean).join(' · ') }}</span>
          <span class="hint block text-[0.75rem]">{{ behaviour }}</span>
          <span v-if="noted" class="block text-[0.75rem] italic">{{ noted }}</span>
        </span>
        <span class="shrink-0 text-right">{{ owned ? `${owned} · ${inMl(ml)}` : 'none' }}</span>
      </li>
    </ul>
  </div>
</template>
