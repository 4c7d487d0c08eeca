<script setup lang="ts">
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { planAt, type FillEvent, type Palette } from '@juxtachrome/core/documents'
import { dryingRange, dryingStage, isOut, STAGE_WORDS } from '@juxtachrome/core/filling'
import { isWet, mainPaintOf, pouredInto, type PaletteState } from '@juxtachrome/core/ledger'
import { useDayDone } from '~/shared/ui/useDayDone'
import { computed } from 'vue'
import { useFillCommands } from './commands'
import { useItemWords } from '~/shared/words/itemWords'
import { useCollection } from '~/stores/collection'
import FillForm from './FillForm.vue'
import FillMixture from './FillMixture.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import PanMoves from './PanMoves.vue'
import PlaceHistory from './PlaceHistory.vue'
import { inMl } from '~/shared/words/figures'
import DayField from '~/shared/ui/DayField.vue'

const props = defineProps<{ palette: Palette; placeId: string; state: PaletteState; today: string }>()
const collection = useCollection()
const { contentWords } = useItemWords()
const filling = useFillCommands(() => props.palette.id)
const place = computed(() => ({ paletteId: props.palette.id, placeId: props.placeId }))
const here = computed(() => props.state.get(props.placeId))
const content = computed(() => here.value?.content)
const lying = computed(() => collection.paint(content.value && mainPaintOf(content.value)))
const planned = computed(() => collection.paint(planAt(props.palette, props.placeId)?.paintId))
/** A mixture of one's own that lies here, or is planned where nothing does. */
const mixture = computed(() => {
  const paint = content.value ? lying.value : planned.value
  return paint?.mixedFrom ? paint : undefined
})
const wet = computed(() => Boolean(content.value && isWet(content.value, props.today)))
const range = computed(() => content.value && dryingRange(content.value))
const isPan = computed(() => props.palette.holder.places.find((p) => p.id === props.placeId)?.container !== 'well')
/** Its pan was taken out. */
const bare = computed(() => isOut(props.state, props.placeId))
const vessel = computed(() => filling.vesselIn(place.value))
const title = computed(() => {
  if (bare.value) return 'its pan is out'
  if (content.value) return contentWords(content.value)
  const plan = planAt(props.palette, props.placeId)
  if (plan?.reserved !== undefined) return plan.reserved ? `kept free for ${plan.reserved}` : 'kept free'
  return planned.value ? collection.called(planned.value) : 'empty'
})
/** When what is recorded with one press was done. */
const { typed: doneOn, day } = useDayDone(() => props.today)
const at = () => ({ day: day.value, vessel: vessel.value })
const record = (event: FillEvent) => filling.record(event)
</script>

<template>
  <section :aria-label="`Filling ${placeId}`">
    <h2>{{ placeId }}: {{ title }}</h2>
    <template v-if="content">
      <PaintSwatch v-if="lying" :paint="lying" class="my-1 h-8" />
      <p>
        {{ inMl(pouredInto(content)) }} in {{ counted(content.layers.length, 'filling') }},
        {{
          wet
            ? `${STAGE_WORDS[dryingStage(content, today)]}: dry about ${dayInWords(content.dryFrom)}, between ${dayInWords(range!.soonest)} and ${dayInWords(range!.latest)}`
            : `dry since ${dayInWords(content.dryFrom)}`
        }}.
      </p>
      <p v-if="planned && planned.id !== lying?.id">Planned here: {{ collection.called(planned) }}.</p>
      <div class="my-2 flex flex-wrap gap-2">
        <button v-if="wet" class="btn" @click="filling.record({ kind: 'dry', ...at() })">It is dry now</button>
        <button class="btn" @click="filling.record({ kind: 'clean', ...at() })">Emptied and cleaned</button>
        <label class="flex items-center gap-2 text-sm"
          >on <DayField aria-label="on" v-model="doneOn" class="w-40" :max="today"
        /></label>
      </div>
      <h3 class="mt-3">Top up</h3>
    </template>
    <p v-else-if="bare" class="hint mb-2">Put a pan in to fill it.</p>
    <p v-else-if="!planned" class="hint mb-2">No paint is planned here; it can be filled all the same.</p>
    <p v-else class="hint mb-2">Planned, not filled yet.</p>
    <FillMixture
      v-if="!bare && mixture"
      :key="`${placeId} ${mixture.id}`"
      :palette="palette"
      :place-id="placeId"
      :vessel="vessel"
      :paint="mixture"
      :today="today"
      :occupied="Boolean(content)"
      @pour="filling.pour"
    />
    <FillForm
      v-else-if="!bare"
      :palette="palette"
      :place-id="placeId"
      :vessel="vessel"
      :today="today"
      :occupied="Boolean(content)"
      @record="record"
    />
    <PanMoves v-if="isPan" :key="placeId" :palette="palette" :place="place" :bare="bare" :today="today" class="mt-4" />
    <p class="mt-4 text-sm">
      <NuxtLink class="link" :to="`/ledger?palette=${palette.id}`">This palette in the ledger, and its year</NuxtLink>
    </p>
    <PlaceHistory :palette="palette" :place-id="placeId" :state="state" :today="today" />
  </section>
</template>
