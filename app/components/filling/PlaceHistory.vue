<script setup lang="ts">
import {
  dayInWords,
  mainPaintOf,
  type Effective,
  type FillEvent,
  type Palette,
  type PaletteState,
} from '@juxtachrome/core'
import { computed, ref } from 'vue'
import { useFillCommands } from '~/commands/filling'
import { useAsk } from '~/composables/useAsk'
import { useCollection } from '~/stores/collection'

const props = defineProps<{ palette: Palette; placeId: string; state: PaletteState; today: string }>()
const collection = useCollection()
const filling = useFillCommands()
const { ask } = useAsk()
const correcting = ref<string>()
const name = (paintId: string | undefined) => collection.paint(paintId)?.name ?? 'a paint no longer listed'
const stays = computed(() => [...(props.state[props.placeId]?.stays ?? [])].reverse())
const touches = ({ event }: Effective) =>
  'placeId' in event &&
  (event.placeId === props.placeId || ('otherPlaceId' in event && event.otherPlaceId === props.placeId))
const events = computed(() => collection.ledger.eventsOf(props.palette.id).filter(touches).reverse())

function inWords({ event }: Effective): string {
  switch (event.kind) {
    case 'fill':
      return `${event.millilitres} ml ${name(event.paintId)} from a ${collection.item(event.itemId)?.kind ?? 'tube no longer listed'}`
    case 'clean':
      return 'emptied and cleaned'
    case 'dry':
      return 'found dry'
    case 'exchange':
      return `pan exchanged between ${event.placeId} and ${event.otherPlaceId}`
    default:
      return ''
  }
}
async function strike(entry: Effective) {
  if (
    await ask({
      title: 'Strike this entry out?',
      text: `${dayInWords(entry.event.day)}: ${inWords(entry)}. The journal keeps it, with the correction; balances are worked out anew.`,
      yes: 'Strike it out',
    })
  )
    filling.correct(entry.entryId, null)
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
        {{ name(mainPaintOf(stay.content)) }}, {{ dayInWords(stay.since) }} to
        {{ stay.until ? dayInWords(stay.until) : 'now'
        }}<span v-if="stay.cameFrom">, came from {{ stay.cameFrom }}</span
        ><span v-if="stay.ended === 'cleaned'">, cleaned out</span
        ><span v-if="stay.wentTo">, went to {{ stay.wentTo }}</span>
        <span class="hint ml-1"
          >({{ stay.content.layers.length }} {{ stay.content.layers.length === 1 ? 'filling' : 'fillings' }})</span
        >
      </li>
    </ul>
    <h3 v-if="events.length">Journal</h3>
    <ul>
      <li v-for="entry in events" :key="entry.entryId" class="border-t border-line py-1.5">
        <FillForm
          v-if="correcting === entry.entryId && entry.event.kind === 'fill'"
          :palette="palette"
          :place-id="placeId"
          :today="today"
          :event="entry.event"
          :occupied="true"
          @record="correct(entry.entryId, $event)"
          @cancel="correcting = undefined"
        />
        <template v-else>
          <span class="block"
            >{{ dayInWords(entry.event.day) }}: {{ inWords(entry)
            }}<span v-if="entry.corrected" class="hint italic"> (corrected)</span
            ><span v-if="entry.event.note" class="hint italic"> {{ entry.event.note }}</span></span
          >
          <button v-if="entry.event.kind === 'fill'" class="link py-1 pr-4 text-sm" @click="correcting = entry.entryId">
            Correct</button
          ><button class="link py-1 text-sm" @click="strike(entry)">Strike out</button>
        </template>
      </li>
    </ul>
  </section>
</template>
