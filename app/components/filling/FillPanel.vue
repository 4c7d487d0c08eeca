<script setup lang="ts">
import {
  mainPaintOf,
  dayInWords,
  isWet,
  pouredInto,
  type FillEvent,
  type Palette,
  type PaletteState,
} from '@juxtachrome/core'
import { computed } from 'vue'
import { useFillCommands } from '~/commands/filling'
import { useCollection } from '~/stores/collection'

const props = defineProps<{ palette: Palette; placeId: string; state: PaletteState; today: string }>()
const collection = useCollection()
const filling = useFillCommands()
const content = computed(() => props.state[props.placeId]?.content)
const lying = computed(() => collection.paint(content.value && mainPaintOf(content.value)))
const planned = computed(() => collection.paint(props.palette.plan[props.placeId]?.paintId))
const wet = computed(() => Boolean(content.value && isWet(content.value, props.today)))
const at = () => ({ day: props.today, paletteId: props.palette.id, placeId: props.placeId })
const record = (event: FillEvent) => filling.record(event)
</script>

<template>
  <section :aria-label="`Filling ${placeId}`">
    <h2>{{ placeId }}: {{ lying?.name ?? (content ? 'a paint no longer listed' : (planned?.name ?? 'empty')) }}</h2>
    <template v-if="content">
      <PaintSwatch v-if="lying" :paint="lying" class="my-1 h-8" />
      <p>
        {{ pouredInto(content).toFixed(1) }} ml in {{ content.layers.length }}
        {{ content.layers.length === 1 ? 'filling' : 'fillings' }},
        {{ wet ? `wet: dry about ${dayInWords(content.dryFrom)}` : `dry since ${dayInWords(content.dryFrom)}` }}.
      </p>
      <p v-if="planned && planned.id !== lying?.id">Planned here: {{ planned.name }}.</p>
      <div class="my-2 flex flex-wrap gap-2">
        <button v-if="wet" class="btn" @click="filling.record({ kind: 'dry', ...at() })">It is dry now</button>
        <button class="btn" @click="filling.record({ kind: 'clean', ...at() })">Emptied and cleaned</button>
      </div>
      <h3 class="mt-3">Top up</h3>
    </template>
    <p v-else-if="!planned" class="hint mb-2">Nothing is planned here; it can be filled all the same.</p>
    <p v-else class="hint mb-2">Planned, not filled yet.</p>
    <FillForm :palette="palette" :place-id="placeId" :today="today" :occupied="Boolean(content)" @record="record" />
    <PlaceHistory :palette="palette" :place-id="placeId" :state="state" :today="today" />
  </section>
</template>
