<script setup lang="ts">
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { eventLine, type FillEvent, type Palette, type PlaceRef } from '@juxtachrome/core/documents'
import type { Effective, PaletteState, Stay } from '@juxtachrome/core/ledger'
import { costOfFill } from '@juxtachrome/core/restocking'
import { computed, ref } from 'vue'
import { useFillCommands } from './commands'
import { useNaming, useNamingThen } from '~/shared/words/naming'
import { useAsk } from '~/shared/ui/useAsk'
import { useItemWords } from '~/shared/words/itemWords'
import { sumsInWords } from '~/shared/words/moneyWords'
import { useCollection } from '~/stores/collection'
import FillForm from './FillForm.vue'

const props = defineProps<{ palette: Palette; placeId: string; state: PaletteState; today: string }>()
const collection = useCollection()
const { contentWords } = useItemWords()
const filling = useFillCommands(() => props.palette.id)
const name = useNaming(() => props.palette.id)
const namesOf = useNamingThen(() => props.palette.id)
const { ask } = useAsk()
const correcting = ref<string>()
const here = computed(() => props.state.get(props.placeId))
const stays = computed(() => [...(here.value?.stays ?? [])].reverse())
/** Where the pan that lies here was before, when it came from elsewhere. */
const elsewhere = computed(() => {
  const { vesselId } = here.value ?? {}
  const all = vesselId === undefined ? [] : collection.ledger.whole.vessel(vesselId).stays
  return all.filter((s) => s.at?.paletteId !== props.palette.id || s.at.placeId !== props.placeId).reverse()
})
const events = computed(() =>
  collection.ledger
    .eventsOf(props.palette.id)
    .filter((e) => collection.ledger.whole.placesOf(e.entryId).some(isHere))
    .reverse(),
)
const isHere = (p: PlaceRef) => p.paletteId === props.palette.id && p.placeId === props.placeId

const whither = (place: PlaceRef | 'loose' | undefined, come: string, loose: string) =>
  place === undefined ? [] : [place === 'loose' ? loose : `${come} ${name.place(place)}`]
function stayInWords(stay: Stay): string {
  return [
    `${contentWords(stay.content)}, ${dayInWords(stay.since)} to ${stay.until ? dayInWords(stay.until) : 'now'}`,
    ...whither(stay.cameFrom, 'came from', 'had lain loose'),
    ...(stay.ended === 'cleaned' ? ['cleaned out'] : []),
    ...whither(stay.wentTo, 'went to', 'taken out'),
  ].join(', ')
}
const fillings = ({ content }: Stay) => counted(content.layers.length, 'filling')
const line = ({ entryId, event }: Effective) => eventLine(event, namesOf(entryId)) + worthOf(event)
/** What a filling took, by what its tube cost. */
function worthOf(event: Effective['event']): string {
  if (event.kind !== 'fill') return ''
  const worth = sumsInWords(costOfFill(event, (id) => collection.core.get('items', id)).sums)
  return worth ? `, worth ${worth}` : ''
}

async function strike(entry: Effective) {
  const text = `${dayInWords(entry.event.day)}: ${line(entry)}. The journal keeps it, with the correction; balances are worked out anew.`
  if (await ask({ title: 'Strike this entry out?', text, yes: 'Strike it out' })) filling.correct(entry.entryId, null)
}
function correct(entryId: string, event: FillEvent) {
  if (!filling.correct(entryId, event)) correcting.value = undefined
}
</script>

<template>
  <section class="mt-4" :aria-label="`History of ${placeId}`">
    <h3>What lay in {{ placeId }}</h3>
    <p v-if="stays.length === 0" class="hint">Nothing has been filled here yet.</p>
    <ul class="mb-3">
      <li v-for="(stay, i) in stays" :key="i" class="border-t border-line py-1">
        {{ stayInWords(stay) }} <span class="hint ml-1">({{ fillings(stay) }})</span>
      </li>
    </ul>
    <template v-if="elsewhere.length">
      <h3>Its pan before</h3>
      <ul class="mb-3">
        <li v-for="(stay, i) in elsewhere" :key="i" class="border-t border-line py-1">
          <span v-if="stay.at">in {{ name.place(stay.at) }}: </span>{{ stayInWords(stay) }}
          <span class="hint ml-1">({{ fillings(stay) }})</span>
        </li>
      </ul>
    </template>
    <h3 v-if="events.length">Journal</h3>
    <ul>
      <li v-for="entry in events" :key="entry.entryId" class="border-t border-line py-1.5">
        <FillForm
          v-if="correcting === entry.entryId && entry.event.kind === 'fill'"
          :palette="palette"
          :place-id="placeId"
          :vessel="entry.event.vessel"
          :today="today"
          :event="entry.event"
          occupied
          @record="correct(entry.entryId, $event)"
          @cancel="correcting = undefined"
        />
        <template v-else>
          <span class="block">
            {{ dayInWords(entry.event.day) }}: {{ line(entry) }}
            <span v-if="entry.corrected" class="hint italic">(corrected)</span>
            <span v-if="entry.event.note" class="hint italic">{{ entry.event.note }}</span>
          </span>
          <button v-if="entry.event.kind === 'fill'" class="link py-1 pr-4 text-sm" @click="correcting = entry.entryId">
            Correct
          </button>
          <button class="link py-1 text-sm" @click="strike(entry)">Strike out</button>
        </template>
      </li>
    </ul>
  </section>
</template>
