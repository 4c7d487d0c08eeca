<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { dayInWords } from '~/shared/words/days'
import { planAt, type Palette } from '@juxtachrome/core/documents'
import { isWet, mainPaintOf, type PaletteState } from '@juxtachrome/core/ledger'
import { exchangesToPlan, fillOrder, leftOutOf, planAgainstPans, usualFillings } from '@juxtachrome/core/filling'
import { computed } from 'vue'
import { useFillCommands } from './commands'
import { useBalances } from '~/shared/items/useBalances'
import { plansAndPansInWords } from '~/shared/words/plansAndPans'
import { useDrying } from './useFillingPlan'
import { useCollection } from '~/stores/collection'
import SwatchRow from '~/shared/swatch/SwatchRow.vue'
import TripPans from './TripPans.vue'

const props = defineProps<{ palette: Palette; state: PaletteState; today: string; selected?: string }>()
const emit = defineEmits<{ select: [placeId: string] }>()
const collection = useCollection()
const filling = useFillCommands(() => props.palette.id)
const { left } = useBalances()
const { practice, question: drying } = useDrying()

const stock = { itemsOf: collection.itemsOf, left }
const question = computed(() => ({ palette: props.palette, state: props.state, paint: collection.paint }))
const vesselIn = (placeId: string) => filling.vesselIn({ paletteId: props.palette.id, placeId })
const toFill = computed(() => fillOrder(question.value))
/** Those with a tube at hand that holds the usual amount, as fillings of today. */
const ready = computed(() => usualFillings(toFill.value, stock, vesselIn, props.today, practice.value, drying.value))
/** Those that are left out of a filling of all, with the reason. */
const leftOut = computed(() => leftOutOf(toFill.value, stock, practice.value))
const rows = computed(() =>
  props.palette.holder.places.flatMap(({ id }) => {
    const content = props.state.get(id)?.content
    const planned = collection.paint(planAt(props.palette, id)?.paintId)
    return content ? [{ id, content, planned, lying: collection.paint(mainPaintOf(content)) }] : []
  }),
)
const wet = computed(() => rows.value.filter((r) => isWet(r.content, props.today)))
const resting = computed(() => rows.value.filter((r) => !isWet(r.content, props.today)))
const differing = computed(() => rows.value.filter((r) => r.lying?.id !== r.planned?.id))
const pans = computed(() => planAgainstPans(props.palette, props.state))
const agreement = computed(() => plansAndPansInWords(pans.value, paintToken))
/** Something else is the matter than places to fill. */
const disagrees = computed(() => pans.value.out.length + pans.value.other.length > 0)
const exchanges = computed(() => exchangesToPlan(props.palette, props.state, props.today))
</script>

<template>
  <section aria-label="What to fill">
    <NuxtLink class="btn btn-primary mb-3 w-full" :to="`/palettes/${palette.id}/filling`">Plan the filling</NuxtLink>
    <TripPans :palette="palette" :state="state" :today="today" />
    <h2>To fill, light colours first</h2>
    <ul v-if="toFill.length" class="mt-1">
      <li v-for="{ place, paint } in toFill" :key="place.id">
        <SwatchRow :paint="paint" button :selected="selected === place.id" @click="emit('select', place.id)">
          <span class="min-w-0 truncate">
            <strong class="font-semibold">{{ place.id }}</strong> {{ collection.called(paint) }}
          </span>
        </SwatchRow>
      </li>
    </ul>
    <button v-if="ready.length > 1" class="btn mt-2" @click="filling.fillAll(palette.name, ready)">
      I filled {{ ready.length }} of these today, the usual amount
    </button>
    <ul v-if="ready.length > 1 && leftOut.length" class="hint mt-1" aria-label="Left out of that">
      <li v-for="{ place, paint, reason } in leftOut" :key="place.id">
        without {{ place.id }}, {{ collection.called(paint) }}: {{ reason }}
      </li>
    </ul>
    <p v-if="!toFill.length || disagrees" class="hint mt-1"><SaidPaints :text="agreement" /></p>
    <p v-if="!toFill.length" class="hint mt-1">
      Choose a place on the tray to top it up, clean it or read its history.
    </p>
    <template v-if="wet.length">
      <h2 class="mt-4">Drying</h2>
      <ul>
        <li v-for="row in wet" :key="row.id">
          <button class="min-h-9 text-left" @click="emit('select', row.id)">
            <strong class="font-semibold">{{ row.id }}</strong>
            {{ row.lying ? collection.called(row.lying) : 'a paint no longer listed' }}: dry about
            {{ dayInWords(row.content.dryFrom) }}
          </button>
        </li>
      </ul>
      <p class="hint">
        Keep wet pans level, and covered from dust but airy. Shut the box only when all is dry: damp paint grows mould.
      </p>
    </template>
    <template v-if="resting.length">
      <h2 class="mt-4">Filled and dry</h2>
      <ul>
        <li v-for="row in resting" :key="row.id">
          <SwatchRow
            v-if="row.lying"
            :paint="row.lying"
            button
            :selected="selected === row.id"
            @click="emit('select', row.id)"
          >
            <span class="min-w-0 grow truncate">
              <strong class="font-semibold">{{ row.id }}</strong> {{ collection.called(row.lying) }}
            </span>
            <span class="hint shrink-0 text-[0.8125rem]">{{ dayInWords(row.content.layers.at(-1)!.day) }}</span>
          </SwatchRow>
        </li>
      </ul>
    </template>
    <template v-if="differing.length">
      <h2 class="mt-4">Not as planned</h2>
      <ul>
        <li v-for="row in differing" :key="row.id">
          <button class="min-h-9 text-left" @click="emit('select', row.id)">
            <strong class="font-semibold">{{ row.id }}</strong> holds
            {{ row.lying ? collection.called(row.lying) : 'a paint no longer listed' }}; planned:
            {{ row.planned ? collection.called(row.planned) : 'nothing' }}
          </button>
        </li>
      </ul>
      <button v-if="exchanges.length" class="btn mt-1" @click="filling.carryOut(palette.name, exchanges)">
        I moved the pans as planned ({{ exchanges.length }})
      </button>
    </template>
  </section>
</template>
