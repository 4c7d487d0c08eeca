<script setup lang="ts">
import { priceInWords } from '~/shared/words/moneyWords'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import type { Item, Paint } from '@juxtachrome/core/documents'
import { fillsFrom, fillsLeft } from '@juxtachrome/core/ledger'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useFillCommands } from '~/features/filling'
import { usePaintCommands } from './commands'
import { useAsk } from '~/shared/ui/useAsk'
import { numberIn } from '~/shared/words/numberIn'
import { useBalances } from '~/shared/items/useBalances'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import ItemWeighing from './ItemWeighing.vue'
import PlaceLink from '~/shared/tray/PlaceLink.vue'

const LazyItemForm = defineAsyncComponent(() => import('./ItemForm.vue'))

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

async function note(millilitres: number, how?: string) {
  const said = how ? { note: how } : {}
  const { millilitres: size, sizeAssumed, kind } = props.item
  const isMore = size > 0 && !sizeAssumed && millilitres > 1.1 * size
  const text = `A ${kind} of ${size} ml cannot hold ${millilitres} ml. Was it weighed with its box, or is its size another?`
  if (isMore && !(await ask({ title: 'More than it holds?', text, yes: 'Note it all the same' }))) return false
  return !filling.record({ kind: 'measure', day: today.value, itemId: props.item.id, millilitres, ...said })
}
async function measure() {
  const ml = numberIn(measured.value)
  trouble.value = ml >= 0 && ml <= 5000 ? '' : 'A number of ml, from 0 to 5000.'
  if (!trouble.value && (await note(ml))) measured.value = ''
}
/** A half pan as it is usually filled, ml (common practice, no source). */
const HALF_PAN = 1.5
const more = computed(() => fillsLeft(left(props.item), HALF_PAN))
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
      <span v-if="item.price" class="hint">{{ priceInWords(item.price) }}</span><span v-if="item.bought" class="hint"
        >bought {{ dayInWords(item.bought) }}</span
      ><span v-if="item.boughtFrom" class="hint">from {{ item.boughtFrom }}</span
      ><span v-if="item.place" class="hint">lies in {{ item.place }}</span
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
    <ItemWeighing v-if="!editing" :item="item" :paint="paint" @left="note" />
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
