<script setup lang="ts">
import type { PanSize } from '@juxtachrome/core/documents'
import { mainPaintOf } from '@juxtachrome/core/ledger'
import { computed } from 'vue'
import { useNaming } from '~/shared/words/naming'
import { usePans } from '~/shared/items/usePans'
import { useSettings } from '~/stores/settings'
import { useCollection } from '~/stores/collection'

/** A label for each underside, to print at true size and cut. */
useHead({ title: 'Labels for pans · Juxtachrome' })
const collection = useCollection()
const name = useNaming()
const { loose } = usePans()
/** What fits under a pan: its walls slope, so its floor is some four millimetres smaller each way (common practice, no source). */
const settings = useSettings()
const floorOf = (size: PanSize) => {
  const { width, height } = settings.pans[size]
  return { width: Math.max(5, width - 4), height: Math.max(5, height - 4) }
}
const inPlaces = computed(() =>
  collection.palettes.flatMap((palette) =>
    [...collection.ledger.places(palette.id)].flatMap(([placeId, { content, vesselId }]) => {
      const place = palette.holder.places.find((p) => p.id === placeId)
      if (!place || place.container === 'well' || !content || vesselId === undefined) return []
      return [
        {
          key: vesselId,
          size: place.container,
          paintId: mainPaintOf(content),
          own: collection.pan(vesselId)?.label || placeId,
        },
      ]
    }),
  ),
)
const labels = computed(() =>
  [
    ...loose.value.flatMap(({ vesselId, size, vessel, label }) =>
      vessel.content
        ? [{ key: vesselId, size, paintId: mainPaintOf(vessel.content), own: label || name.vessel({ vesselId }) }]
        : [],
    ),
    ...inPlaces.value,
  ].map(({ paintId, ...rest }) => ({ ...rest, paint: collection.paint(paintId) })),
)
const print = () => window.print()
</script>

<template>
  <div class="mx-auto w-full max-w-4xl p-3 print:max-w-none print:p-0">
    <div class="mb-3 flex items-center gap-2 print:hidden">
      <h1 class="grow">Labels for the undersides of pans</h1>
      <button class="btn btn-primary" :disabled="labels.length === 0" @click="print">Print them</button>
    </div>
    <p class="hint mb-3 print:hidden">
      {{
        labels.length
          ? 'Print at 100 %, cut along the lines, and glue them on with something that water does not lift.'
          : 'No pan holds paint yet.'
      }}
    </p>
    <ul class="flex flex-wrap gap-[1mm]">
      <li
        v-for="l in labels"
        :key="l.key"
        class="label overflow-hidden border border-dashed border-edge bg-white text-black"
        :style="{ width: `${floorOf(l.size).width}mm`, height: `${floorOf(l.size).height}mm` }"
      >
        <strong class="font-semibold">{{ l.paint?.pigments.join(' ') || '?' }}</strong>
        <span>{{ l.paint?.name ?? 'a paint no longer listed' }}</span>
        <span class="italic">{{ l.own }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.label {
  display: flex;
  flex-direction: column;
  padding: 0.5mm;
  font-size: 5.5pt;
  line-height: 1.05;
  overflow-wrap: anywhere;
}
</style>
