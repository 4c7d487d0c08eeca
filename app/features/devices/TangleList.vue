<script setup lang="ts">
import type { Tangle } from '@juxtachrome/core/exchange'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { inMl, listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import { useExchange } from '~/stores/exchange'

/** What two devices recorded, each for itself, that cannot both be so; each with its way out. */
const exchange = useExchange()
const collection = useCollection()
const paletteName = (id: string) => collection.palette(id)?.name ?? 'a palette that is gone'
const placeWords = ({ paletteId, placeId }: { paletteId: string; placeId: string }) =>
  `${placeId} of ${paletteName(paletteId)}`

function wordsOf(tangle: Tangle): string {
  if (tangle.is === 'overdrawn')
    return `More was drawn from a tube of ${paintToken(tangle.paintId)} than it held, by ${inMl(tangle.by)}.`
  if (tangle.is === 'pan in two places')
    return `One pan was put into ${listed(tangle.places.map(placeWords))}. What was recorded last holds.`
  return `${placeWords(tangle.place)} was filled with ${listed(tangle.paintIds.map(paintToken))}, one on each device.`
}
function wayOut(tangle: Tangle): { to: string; words: string } {
  if (tangle.is === 'overdrawn') return { to: `/paints/${tangle.paintId}`, words: 'Say what is left in it' }
  const { paletteId, placeId } = tangle.is === 'pan in two places' ? tangle.places[0]! : tangle.place
  return {
    to: `/palettes/${paletteId}/fill?place=${encodeURIComponent(placeId)}`,
    words: tangle.is === 'pan in two places' ? 'Say where it lies' : 'Say what lies there',
  }
}
</script>

<template>
  <section v-if="exchange.tangles.length" aria-label="Cannot both be so">
    <h3>Cannot both be so</h3>
    <ul>
      <li
        v-for="(tangle, i) in exchange.tangles"
        :key="i"
        class="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1"
      >
        <span class="grow"><SaidPaints :text="wordsOf(tangle)" /></span>
        <NuxtLink class="link" :to="wayOut(tangle).to">{{ wayOut(tangle).words }}</NuxtLink>
      </li>
    </ul>
    <p class="mt-1"><button type="button" class="btn" @click="exchange.seenTo()">I saw to it</button></p>
  </section>
</template>
