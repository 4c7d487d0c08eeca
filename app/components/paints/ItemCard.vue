<script setup lang="ts">
import { counted, dayInWords } from '@juxtachrome/core/units'
import type { Item, Paint } from '@juxtachrome/core/documents'
import { millilitresOf } from '@juxtachrome/core/filling'
import { fillsFrom, fillsLeft } from '@juxtachrome/core/ledger'
import { writePrice } from '@juxtachrome/core/paints'
import { computed, ref } from 'vue'
import { useFillCommands } from '~/commands/filling'
import { usePaintCommands } from '~/commands/paints'
import { useAsk } from '~/composables/useAsk'
import { numberIn } from '~/composables/numberIn'
import { useBalances } from '~/composables/useBalances'
import { usePractice } from '~/composables/useFillingPlan'
import { useToday } from '~/composables/useToday'
import { useCollection } from '~/stores/collection'

const props = defineProps<{ item: Item; paint: Paint }>()
const collection = useCollection()
const commands = usePaintCommands()
const filling = useFillCommands()
const { leftInWords, left } = useBalances()
const { ask } = useAsk()
const today = useToday()
const editing = ref(false)
const measured = ref('')
const trouble = ref('')
const fills = computed(() => fillsFrom(collection.ledger.account(props.item.id)))
const fillsInWords = computed(() => {
  const places = new Set(fills.value.map((f) => JSON.stringify(f.event.vessel))).size
  const times = fills.value.length
  const often = times === 1 ? 'Filled once' : `Filled ${times} times`
  return `${often}, ${places === 1 ? 'one place' : `${places} places`}`
})
const share = computed(() =>
  props.item.millilitres > 0 ? Math.max(0, Math.min(1, left(props.item) / props.item.millilitres)) : 0,
)

function note(millilitres: number, how?: string) {
  const said = how ? { note: how } : {}
  return !filling.record({ kind: 'measure', day: today.value, itemId: props.item.id, millilitres, ...said })
}
function measure() {
  const ml = numberIn(measured.value)
  trouble.value = ml >= 0 && ml <= 5000 ? '' : 'A number of ml, from 0 to 5000.'
  if (!trouble.value && note(ml)) measured.value = ''
}
/** A half pan as it is usually filled, ml (common practice, no source). */
const HALF_PAN = 1.5
const more = computed(() => fillsLeft(left(props.item), HALF_PAN))
const { practice } = usePractice()
const weight = ref({ full: '', empty: '' })
function weigh() {
  const [full, empty] = [numberIn(weight.value.full), numberIn(weight.value.empty)]
  const ml = millilitresOf(full - empty, practice.value.density)
  trouble.value = !(full > 0 && empty >= 0)
    ? 'Two weights in grams: with what is in it, and empty.'
    : full < empty
      ? 'Empty it cannot weigh more than with paint in it.'
      : ml > 5000
        ? 'That is more than 5000 ml.'
        : ''
  if (trouble.value) return
  const how = `weighed ${full} g, empty ${empty} g, at ${practice.value.density} g/ml`
  if (note(Math.round(ml * 10) / 10, how)) weight.value = { full: '', empty: weight.value.empty }
}
const BY_EYE = [
  { label: 'full', share: 1 },
  { label: 'three quarters', share: 0.75 },
  { label: 'half', share: 0.5 },
  { label: 'a quarter', share: 0.25 },
  { label: 'a last squeeze', share: 0.05 },
] as const
async function remove() {
  const text = fills.value.length
    ? `${fillsInWords.value}. It leaves the collection; what it filled stays readable in the history.`
    : 'It leaves the collection.'
  if (await ask({ title: `Remove this ${props.item.kind} of ${props.paint.name}?`, text, yes: 'Remove it' }))
    commands.removeItem(props.item, props.paint.name)
}
function save(after: Item) {
  commands.changeItem(props.item, after, props.paint.name)
  editing.value = false
}
</script>

<template>
  <li class="border-t border-line py-2.5">
    <div class="flex items-center gap-2">
      <span class="relative h-3 w-16 shrink-0 border border-edge" aria-hidden="true"
        ><span class="absolute inset-y-0 left-0 bg-edge" :style="{ width: `${share * 100}%` }"
      /></span>
      <span class="grow"
        ><strong class="font-semibold capitalize">{{ item.kind }}</strong> {{ item.millilitres }} ml,
        {{ leftInWords(item) }}</span
      >
      <button class="btn btn-quiet" @click="editing = !editing">Change</button>
      <button class="btn btn-quiet" @click="remove">Remove</button>
    </div>
    <p class="mt-1 flex flex-wrap gap-1.5">
      <span class="chip">{{ item.supply }}</span><span v-for="r in item.remarks" :key="r" class="chip">{{ r }}</span>
      <span v-if="item.price" class="hint">{{ writePrice(item.price) }}</span><span v-if="item.bought" class="hint"
        >bought {{ dayInWords(item.bought) }}</span
      ><span v-if="item.boughtFrom" class="hint">from {{ item.boughtFrom }}</span
      ><span v-if="item.note" class="hint italic">{{ item.note }}</span>
    </p>
    <LazyItemForm v-if="editing" :item="item" class="mt-2" @save="save" @cancel="editing = false" />
    <form v-else class="mt-1.5 flex flex-wrap items-center gap-2 text-sm" @submit.prevent="measure">
      <label class="flex items-center gap-1.5"
        >Really left: <input v-model="measured" class="input w-20" inputmode="decimal" /> ml</label
      ><button class="btn">Note it</button>
      <span v-if="trouble" role="alert" class="text-trouble">{{ trouble }}</span>
      <span v-if="more" class="hint">about {{ counted(more, 'more half pan') }}</span>
    </form>
    <details v-if="!editing" class="text-sm">
      <summary class="py-1">By weight or by eye</summary>
      <form class="flex flex-wrap items-end gap-2" @submit.prevent="weigh">
        <label>Weighs, g<input v-model="weight.full" class="input w-24" inputmode="decimal" /></label>
        <label>Empty, g<input v-model="weight.empty" class="input w-24" inputmode="decimal" /></label>
        <button class="btn">Reckon it</button>
        <span class="hint">at {{ practice.density }} g/ml, which you can set where a filling is planned</span>
      </form>
      <p v-if="item.millilitres" class="mt-1 flex flex-wrap items-center gap-1">
        <span class="hint">By eye:</span>
        <button
          v-for="b in BY_EYE"
          :key="b.label"
          class="choice"
          @click="note(Math.round(item.millilitres * b.share * 10) / 10, `by eye: ${b.label}`)"
        >
          {{ b.label }}
        </button>
      </p>
    </details>
    <details v-if="fills.length" class="mt-1.5 text-sm">
      <summary class="py-1">{{ fillsInWords }}</summary>
      <NuxtLink class="link" :to="`/ledger?item=${item.id}`">All of it in the ledger</NuxtLink>
      <ul class="mt-1 space-y-0.5">
        <li v-for="{ entryId, event } in fills" :key="entryId">
          {{ dayInWords(event.day) }}: {{ event.millilitres }} ml into <PlaceLink :entry-id="entryId" />
        </li>
      </ul>
    </details>
  </li>
</template>
