<script setup lang="ts">
import { eventInWords, EVENT_NAMES, type Event, isPlace, type VesselRef } from '@juxtachrome/core/documents'
import type { Effective } from '@juxtachrome/core/ledger'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { useMediaQuery } from '@vueuse/core'
import { computed } from 'vue'
import { useFillCommands } from '~/features/filling'
import { useItemWords } from '~/shared/words/itemWords'
import { useNaming, useNamingThen } from '~/shared/words/naming'
import { useAsk } from '~/shared/ui/useAsk'
import { useToday } from '~/shared/ui/useToday'
import { asSentence } from '~/shared/words/asSentence'
import { useCollection } from '~/stores/collection'
import VirtualList from '~/shared/ui/VirtualList.vue'
import YearStrip from './YearStrip.vue'
import { inMl } from '~/shared/words/figures'
import DayField from '~/shared/ui/DayField.vue'

/** Everything that was recorded, as sentences: by palette, paint, tube, kind and time. */
useHead({ title: 'Ledger · Juxtachrome' })
const route = useRoute()
const isPhone = useMediaQuery('(max-width: 639px)')
const router = useRouter()
const collection = useCollection()
const filling = useFillCommands()
const name = useNaming()
const namesOf = useNamingThen()
const { itemInWords } = useItemWords()
const { ask } = useAsk()
const KEYS = ['palette', 'paint', 'item', 'pan', 'kind', 'from', 'to'] as const
type Asked = Partial<Record<(typeof KEYS)[number], string>>
const asked = computed((): Asked =>
  Object.fromEntries(KEYS.flatMap((k) => (typeof route.query[k] === 'string' ? [[k, route.query[k]]] : []))),
)
function set(key: (typeof KEYS)[number], value: string) {
  const { [key]: _was, ...rest } = asked.value
  void router.replace({ query: value ? { ...rest, [key]: value } : rest })
}
const palette = computed(() => collection.palette(asked.value.palette))
const today = useToday()
const value = (e: globalThis.Event) => (e.target as HTMLSelectElement).value
const all = computed(() => collection.ledger.whole.journal.latestFirst())
function fits({ entryId, event }: Effective, by: Asked): boolean {
  const itemId = 'itemId' in event ? event.itemId : undefined
  if (by.kind && event.kind !== by.kind) return false
  if (by.item && itemId !== by.item) return false
  if (by.paint && !concernsPaint(event, by.paint)) return false
  if (by.from && event.day < by.from) return false
  if (by.to && event.day > by.to) return false
  if (ofPan.value && !ofPan.value.has(entryId)) return false
  if (event.kind === 'sitting') return !by.palette || event.paletteId === by.palette
  return !by.palette || collection.ledger.whole.placesOf(entryId).some((p) => p.paletteId === by.palette)
}
/** Entries of one pan: those that name it, and what was poured into it wherever it lay. */
const ofPan = computed(() => {
  const { pan } = asked.value
  if (!pan) return undefined
  const poured = collection.ledger.whole.vessel(pan).stays.flatMap((s) => s.content.layers.map((l) => l.entryId))
  const named = all.value.filter(({ event }) => vesselOf(event) === pan).map((e) => e.entryId)
  return new Set([...poured, ...named])
})
function vesselOf(event: Event): string | undefined {
  const ref = 'vessel' in event ? (event.vessel as VesselRef) : undefined
  return ref && !isPlace(ref) ? ref.vesselId : undefined
}
const concernsPaint = (event: Event, paintId: string) =>
  event.kind === 'fill'
    ? event.paintId === paintId
    : event.kind === 'sitting'
      ? event.used.some((u) => u.paintId === paintId)
      : event.kind === 'measure' && collection.core.get('items', event.itemId)?.paintId === paintId
const shown = computed(() => {
  const by = asked.value
  return Object.keys(by).length ? all.value.filter((e) => fits(e, by)) : all.value
})
const poured = computed(() =>
  shown.value.reduce((sum, { event }) => sum + (event.kind === 'fill' ? event.millilitres : 0), 0),
)
const words = ({ entryId, event }: Effective) => {
  const said = asSentence(eventInWords(event, namesOf(entryId)))
  if (event.kind === 'fill') return `${said.slice(0, -1)}: ${event.millilitres} ml from ${name.item(event.itemId)}.`
  if (event.kind === 'sitting') {
    const from = collection.palette(event.paletteId)?.name ?? 'a palette no longer here'
    const used = event.used.map((u) => name.paint(u.paintId)).join(', ')
    return `${said.slice(0, -1)} from ${from}${used ? `: ${used}` : ''}.`
  }
  return event.kind === 'measure' ? `${said.slice(0, -1)}: ${event.millilitres} ml.` : said
}
async function strike(entry: Effective) {
  const text = `${dayInWords(entry.event.day)}: ${words(entry)} The journal keeps it, with the correction; balances are worked out anew.`
  if (await ask({ title: 'Strike this entry out?', text, yes: 'Strike it out' })) filling.correct(entry.entryId, null)
}
const paintChoices = computed(() =>
  collection.paints
    .map((p) => ({ id: p.id, text: [p.name, p.maker, p.formula].filter(Boolean).join(', ') }))
    .sort((p, q) => p.text.localeCompare(q.text)),
)
const itemChoices = computed(() =>
  collection.items
    .filter((i) => !asked.value.paint || i.paintId === asked.value.paint)
    .map((i) => ({ id: i.id, text: `${collection.paint(i.paintId)?.name ?? ''}: ${itemInWords(i)}` }))
    .sort((p, q) => p.text.localeCompare(q.text)),
)
</script>

<template>
  <div class="mx-auto flex w-full max-w-6xl grow flex-col p-3">
    <div class="mb-3 flex flex-wrap items-center gap-2">
      <h1 class="grow">Ledger</h1>
      <NuxtLink class="btn btn-quiet" to="/pans">Pans</NuxtLink>
    </div>
    <details class="mb-2" :open="!isPhone || Object.keys(asked).length > 0">
      <summary class="min-h-11 content-center sm:hidden">Narrow it down</summary>
      <form class="grid gap-2 sm:grid-cols-3 lg:grid-cols-6" @submit.prevent>
        <label class="text-sm"
          >Palette<select class="input" :value="asked.palette ?? ''" @change="set('palette', value($event))">
            <option value="">any</option>
            <option v-for="p in collection.palettes" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select></label
        >
        <label class="text-sm"
          >Paint<select class="input" :value="asked.paint ?? ''" @change="set('paint', value($event))">
            <option value="">any</option>
            <option v-for="p in paintChoices" :key="p.id" :value="p.id">{{ p.text }}</option>
          </select></label
        >
        <label class="text-sm"
          >Tube or pan<select class="input" :value="asked.item ?? ''" @change="set('item', value($event))">
            <option value="">any</option>
            <option v-for="i in itemChoices" :key="i.id" :value="i.id">{{ i.text }}</option>
          </select></label
        >
        <label class="text-sm"
          >What<select class="input" :value="asked.kind ?? ''" @change="set('kind', value($event))">
            <option value="">anything</option>
            <option v-for="(words_, kind) in EVENT_NAMES" :key="kind" :value="kind">{{ words_ }}</option>
          </select></label
        >
        <label class="text-sm"
          >From<DayField
            aria-label="From"
            class="w-full"
            :model-value="asked.from ?? ''"
            @update:model-value="set('from', $event)"
        /></label>
        <label class="text-sm"
          >To<DayField
            aria-label="To"
            class="w-full"
            :model-value="asked.to ?? ''"
            @update:model-value="set('to', $event)"
        /></label>
      </form>
    </details>
    <YearStrip v-if="palette" :palette="palette" :today="today" />
    <p class="hint mb-1 flex gap-3" role="status">
      <span>{{ counted(shown.length, 'entry', 'entries') }}{{ poured ? `, ${inMl(poured)} filled` : '' }}</span>
      <span v-if="asked.pan">of {{ name.vessel({ vesselId: asked.pan }) }}</span>
      <button v-if="Object.keys(asked).length" class="link" @click="router.replace({ query: {} })">Show all</button>
    </p>
    <VirtualList
      v-if="shown.length"
      :rows="shown"
      :row-height="isPhone ? 100 : 52"
      label="Entries, the latest first"
      :key-of="(e: Effective) => e.entryId"
      class="panel h-[calc(100dvh-17rem-var(--strip)-var(--bar))] min-h-64 grow"
    >
      <template #default="{ row, bind }">
        <div
          class="list-row flex gap-x-3 px-2 max-sm:flex-wrap max-sm:content-center max-sm:justify-between sm:items-center"
          v-bind="bind"
        >
          <span class="shrink-0 text-sm tabular-nums max-sm:text-muted sm:w-28">{{ dayInWords(row.event.day) }}</span>
          <!-- on a phone the sentence has a line of its own, at full width -->
          <span class="line-clamp-3 min-w-0 grow leading-tight max-sm:order-last max-sm:basis-full sm:line-clamp-2"
            >{{ words(row) }}
            <span v-if="row.corrected" class="hint italic">(corrected)</span>
            <span v-if="row.event.note" class="hint italic">{{ row.event.note }}</span></span
          >
          <button class="link shrink-0 text-sm" :aria-label="`Strike out: ${words(row)}`" @click="strike(row)">
            Strike out
          </button>
        </div>
      </template>
    </VirtualList>
    <p v-else class="hint">
      {{
        all.length
          ? 'Nothing of that kind was recorded.'
          : 'Nothing is recorded yet. Fill a place of a palette: every filling, move and cleaning stands here.'
      }}
    </p>
  </div>
</template>
