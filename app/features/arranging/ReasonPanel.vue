<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { ArrangementExplained } from '@juxtachrome/core/arranging'
import { computed } from 'vue'
import { wishInWords } from './wishInWords'
import { usePaintName } from '~/shared/words/paintName'

/** Why a paint lies where it lies, and what would be better; without a place, what there is to say of the whole. */
const props = defineProps<{ explained: ArrangementExplained; place?: string; isProposal: boolean }>()
const emit = defineEmits<{ exchange: [from: string, to: string]; select: [placeId: string] }>()
const nameOf = usePaintName()
const here = computed(() => props.explained.places.find((p) => p.placeId === props.place))
const wishesOf = (isGood: boolean) =>
  (here.value?.wishes ?? []).filter((w) => w.good > 0 === isGood).map((w) => wishInWords(w.wish))
/** The exchanges that would better the whole most, each once. */
const best = computed(() => {
  const seen = new Set<string>()
  return props.explained.places
    .flatMap((p) => (p.better ? [{ ...p, better: p.better }] : []))
    .sort((p, q) => q.better.gain - p.better.gain)
    .filter(({ placeId, better: { withPlace } }) => {
      const pair = [placeId, withPlace].sort().join(' ')
      return !seen.has(pair) && seen.add(pair)
    })
    .slice(0, 4)
})
/** Changes of how well a wish is met, 0 to 1 from chance to the best there is (judgement). */
const [NOTHING, MUCH, SOME] = [0.005, 0.4, 0.1]
const howMuch = (by: number) =>
  `${Math.abs(by) >= MUCH ? 'much ' : Math.abs(by) >= SOME ? '' : 'a little '}${by > 0 ? 'better' : 'worse'}`
/** What an exchange would change, the best first. */
function changes(scores: ArrangementExplained['scores']): string {
  return scores
    .flatMap(({ wish, score }) => {
      const now = props.explained.scores.find((s) => s.wish === wish)?.score ?? 0
      const by = score - now
      return Math.abs(by) < NOTHING ? [] : [{ wish, by }]
    })
    .sort((p, q) => q.by - p.by)
    .map(({ wish, by }) => `${howMuch(by)} for ${wishInWords(wish)}`)
    .join(', ')
}
</script>

<template>
  <section aria-label="Why it lies so">
    <template v-if="here">
      <h2>{{ here.placeId }}: <SaidPaints :text="paintToken(here.paintId)" /></h2>
      <p v-if="wishesOf(true).length" class="mt-1">Good place for: {{ wishesOf(true).join(', ') }}.</p>
      <p v-if="wishesOf(false).length" class="mt-1">Poor place for: {{ wishesOf(false).join(', ') }}.</p>
      <p v-if="here.wishes.length === 0" class="hint mt-1">For what matters it might as well lie elsewhere.</p>
      <p v-if="here.neighbours.length" class="mt-1 text-sm">
        <span class="hint">Beside it:</span> <SaidPaints :text="here.neighbours.map(paintToken).join(', ')" />
      </p>
      <p v-if="here.facing" class="text-sm">
        <span class="hint">Facing it:</span> <SaidPaints :text="paintToken(here.facing)" />
      </p>
      <template v-if="here.better">
        <p class="mt-2">Better in {{ here.better.withPlace }}: {{ changes(here.better.scores) || 'a little' }}.</p>
        <button v-if="!isProposal" class="btn mt-1" @click="emit('exchange', here.placeId, here.better.withPlace)">
          Exchange with {{ here.better.withPlace }}
        </button>
      </template>
      <p v-else class="hint mt-2">No exchange of this place would be better.</p>
    </template>
    <template v-else>
      <h2>Why it lies so</h2>
      <p class="hint mt-1">Choose a place: why the paint lies there, beside what, and what would be better.</p>
    </template>
    <template v-if="explained.risks.length">
      <h3 class="mt-4">Where yellows and whites get dirty</h3>
      <ul class="text-sm">
        <li v-for="r in explained.risks.slice(0, 6)" :key="r.placeId + r.by" class="border-t border-line py-0.5">
          <button class="hover:underline" @click="emit('select', r.placeId)">
            {{ r.placeId }} beside {{ nameOf(r.by) }}
          </button>
        </li>
      </ul>
    </template>
    <template v-if="best.length && !isProposal">
      <h3 class="mt-4">Single exchanges that help</h3>
      <ul class="text-sm">
        <li v-for="b in best" :key="b.placeId" class="border-t border-line py-0.5">
          <button class="link" @click="emit('exchange', b.placeId, b.better.withPlace)">
            {{ b.placeId }} with {{ b.better.withPlace }}</button
          ><span class="hint ml-1">{{ changes(b.better.scores) }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>
