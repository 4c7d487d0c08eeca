<script setup lang="ts">
import type { Paint } from '@juxtachrome/core/documents'
import { computed, ref } from 'vue'
import ColourRow from '~/shared/swatch/ColourRow.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { figure } from '~/shared/words/figures'
import { moneyInWords } from '~/shared/words/moneyWords'
import type { SizedOffer } from './cheapestFirst'
import { coloursOf } from './coloursOf'

/** What shops have of one need: each a row of colour below the paint that is needed, what costs least first. */
const props = defineProps<{ offers: readonly SizedOffer[]; needed?: Paint | undefined; called: string }>()
/** So many rows until others are asked for. */
const MOST = 10
const all = ref(false)
const shown = computed(() => (all.value ? props.offers : props.offers.slice(0, MOST)))
const years = (n: number) => (n < 1 ? `${Math.max(1, Math.round(n * 12))} months` : `${figure(n, 1)} years`)

/** What costs least over the years is said where prices can be compared. */
const isOneCurrency = computed(() => new Set(props.offers.map((o) => o.shop.currency)).size === 1)

const nameOf = ({ offer }: SizedOffer) => {
  const [held] = offer.holds
  return [held!.name, held!.maker].filter(Boolean).join(', ')
}
const priceOf = ({ shop, minor, millilitres }: SizedOffer) =>
  `${shop.name}: ${millilitres ? `${millilitres} ml` : 'size not said'} for ${moneyInWords(minor, shop.currency)}`
const worthOf = ({ shop, perMl, lasts, perYear }: SizedOffer, i: number) =>
  [
    perMl ? `${moneyInWords(perMl, shop.currency)} a ml` : '',
    lasts ? `lasts about ${years(lasts)}` : '',
    i === 0 && perYear && isOneCurrency.value ? 'least for a year of use' : '',
  ]
    .filter(Boolean)
    .join('; ')
</script>

<template>
  <ul :aria-label="`Offers of ${called}`">
    <ColourRow v-for="(s, i) in shown" :key="`${s.shop.id} ${s.offer.id}`" :name="nameOf(s)">
      <template #colours>
        <span class="flex h-12 w-30 flex-col bg-ground" aria-hidden="true">
          <PaintSwatch v-if="needed" :paint="needed" class="h-1/2" />
          <PaintSwatch v-for="(paint, n) in coloursOf(s.offer, 1)" :key="n" :paint="paint" class="min-h-0 grow" />
        </span>
      </template>
      <p>{{ priceOf(s) }}</p>
      <p class="hint">{{ worthOf(s, i) }}</p>
    </ColourRow>
  </ul>
  <button v-if="!all && offers.length > MOST" class="link mt-1" @click="all = true">
    {{ offers.length - MOST }} more
  </button>
</template>
