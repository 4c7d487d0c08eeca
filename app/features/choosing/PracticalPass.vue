<script setup lang="ts">
import { drawbacksOf } from '@juxtachrome/core/choosing'
import { usualFilling } from '@juxtachrome/core/filling'
import type { Palette } from '@juxtachrome/core/documents'
import { computed } from 'vue'
import { useBalances } from '~/shared/items/useBalances'
import { useCollection } from '~/stores/collection'

/** The favourites once more, by what speaks against them in practice: before the tubes are opened. */
const props = defineProps<{ palette: Palette; paintIds: readonly string[] }>()
const emit = defineEmits<{ look: [paintId: string] }>()
const collection = useCollection()
const { left } = useBalances()
const paints = computed(() => props.paintIds.flatMap((id) => collection.paint(id) ?? []))
const rows = computed(() => {
  const context = {
    owned: collection.paints,
    itemsOf: collection.itemsOf,
    leftIn: left,
    beside: paints.value,
    filling: usualFilling(props.palette.holder.places[0]!),
  }
  return paints.value.map((paint) => ({ paint, against: drawbacksOf(paint, context).map((d) => d.words) }))
})
const clear = computed(() => rows.value.filter((r) => r.against.length === 0).length)
</script>

<template>
  <section class="mb-2 border-b border-line pb-2 text-sm" aria-label="Practical pass">
    <h3>A practical pass</h3>
    <p>
      Nothing speaks against {{ clear }} of these {{ rows.length }}{{ clear < rows.length ? '. Look again at:' : '.' }}
    </p>
    <ul>
      <li v-for="row in rows.filter((r) => r.against.length)" :key="row.paint.id" class="py-0.5 leading-tight">
        <button class="text-left font-medium hover:underline" @click="emit('look', row.paint.id)">
          {{ row.paint.name }}</button><span class="hint text-[0.8125rem]">: {{ row.against.join('; ') }}</span>
      </li>
    </ul>
  </section>
</template>
