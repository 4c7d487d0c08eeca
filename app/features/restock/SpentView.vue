<script setup lang="ts">
import { costOfPalette, SPENT_BY, spentBy, type SpentBy, spendingsOf } from '@juxtachrome/core/restocking'
import { sumsOf } from '@juxtachrome/core/paints'
import { counted } from '@juxtachrome/core/units'
import { computed, defineAsyncComponent, ref } from 'vue'
import { sumsInWords } from '~/shared/words/moneyWords'
import { useCollection } from '~/stores/collection'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

const LazyBarsChart = defineAsyncComponent(() => import('~/shared/charts/BarsChart.vue'))

/** What was spent, by month, family and maker; what palettes hold; each currency by itself. */
const collection = useCollection()
const by = ref<SpentBy>('month')
const spent = computed(() =>
  spendingsOf({ items: collection.items, purchases: collection.purchases, paint: collection.paint }),
)
const groups = computed(() => spentBy(spent.value.spendings, by.value))
const all = computed(() => sumsOf(spent.value.spendings))
const currencies = computed(() => [...all.value.keys()])
const shown = computed(() => (by.value === 'month' ? groups.value.slice(-18) : groups.value.slice(0, 18)))
const most = computed(() => {
  const [currency] = currencies.value
  return [...groups.value].sort((p, q) => (q.sums.get(currency!) ?? 0) - (p.sums.get(currency!) ?? 0))[0]
})
const palettes = computed(() =>
  collection.palettes.map((palette) => ({
    palette,
    worth: costOfPalette(collection.ledger.places(palette.id), (id) => collection.core.get('items', id)),
  })),
)
</script>

<template>
  <div class="grid grid-cols-1 gap-6 lg:grid-cols-2">
    <section aria-label="What was spent">
      <h2>What was spent</h2>
      <p v-if="spent.spendings.length === 0" class="hint">
        Nothing yet that has both a price and the day on which it was bought.
      </p>
      <template v-else>
        <p>{{ sumsInWords(all) }} for {{ counted(spent.spendings.filter((s) => !s.isDelivery).length, 'item') }}.</p>
        <p v-if="spent.unpriced || spent.undated" class="hint text-sm">
          Not counted: {{ counted(spent.unpriced, 'item') }} without a price{{
            spent.undated ? `, ${spent.undated} without a day` : ''
          }}.
        </p>
        <ChoiceGroup label="By" class="my-2 flex gap-1" data-repeats>
          <button v-for="b in SPENT_BY" :key="b" class="choice" :aria-pressed="by === b" @click="by = b">
            by {{ b }}
          </button>
        </ChoiceGroup>
        <LazyBarsChart
          v-for="currency in currencies"
          :key="currency"
          :title="`Spent by ${by}, ${currency}`"
          :labels="shown.map((g) => g.of)"
          :series="[{ name: currency, values: shown.map((g) => (g.sums.get(currency) ?? 0) / 100) }]"
          :unit="currency"
          :across="by !== 'month'"
          :says="most ? `Most: ${most.of}, ${sumsInWords(most.sums)}.` : ''"
          class="mb-4"
        />
        <table class="plain">
          <thead>
            <tr>
              <th>{{ by }}</th>
              <th>spent</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="g in shown" :key="g.of">
              <td>{{ g.of }}</td>
              <td>{{ sumsInWords(g.sums) }}</td>
            </tr>
          </tbody>
        </table>
      </template>
    </section>
    <section aria-label="What palettes hold">
      <h2>What palettes hold</h2>
      <p class="hint">What was poured into what lies there now, by what its tubes cost.</p>
      <table class="plain mt-2">
        <thead>
          <tr>
            <th>Palette</th>
            <th>holds</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ palette, worth } in palettes" :key="palette.id">
            <td>
              <NuxtLink class="link" :to="`/palettes/${palette.id}/fill`">{{ palette.name }}</NuxtLink>
            </td>
            <td>
              {{ sumsInWords(worth.sums) || 'nothing with a price'
              }}<span v-if="worth.unpriced" class="hint block text-[0.8125rem]"
                >{{ counted(worth.unpriced, 'filling') }} from tubes without a price</span
              >
            </td>
          </tr>
        </tbody>
      </table>
      <p class="hint mt-2">
        What a painting took stands with it under a palette’s step Use; what a filling would cost, in its filling plan.
      </p>
    </section>
  </div>
</template>
