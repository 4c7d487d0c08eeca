<script setup lang="ts">
import { type Sought, type StandIn, paintOfPigment } from '@juxtachrome/core/standins'
import { pigmentById } from '@juxtachrome/core/pigments'
import { computed } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { screenStops } from '~/shared/swatch/useSwatch'
import { washRamp } from '@juxtachrome/core/colour'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'

/** What is wanted and what stands in, edge to edge: above the one, below the other, masstone to wash. */
const props = defineProps<{
  sought: Pick<Sought, 'paint' | 'masstone' | 'wash'>
  standIn: Pick<StandIn, 'paintId' | 'pigment' | 'mixture'>
}>()
const collection = useCollection()
const { predict } = useMixtures()
const own = computed(() => screenStops(washRamp(props.sought)))
const paint = computed(() => {
  const { paintId, pigment } = props.standIn
  const known = pigment ? pigmentById(pigment) : undefined
  return paintId ? collection.paint(paintId) : known && paintOfPigment(known)
})
const mixed = computed(() => {
  const { mixture } = props.standIn
  if (!mixture) return []
  const predicted = predict(
    mixture.paints.map(({ id, parts }) => ({ paintId: id, parts })),
    0,
  )
  return predicted.ok ? screenStops(predicted.value.ramp.map((r) => r.lab)) : []
})
</script>

<template>
  <span class="flex flex-col">
    <PaintSwatch v-if="sought.paint" :paint="sought.paint" film class="h-1/2" />
    <SwatchBand v-else :stops="own" class="h-1/2" />
    <PaintSwatch v-if="paint" :paint="paint" film class="h-1/2" />
    <SwatchBand v-else :stops="mixed" class="h-1/2" />
  </span>
</template>
