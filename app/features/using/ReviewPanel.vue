<script setup lang="ts">
import { listed } from '~/shared/words/figures'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { ENOUGH, type Review, type Stretch } from '@juxtachrome/core/using'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed, defineAsyncComponent, ref } from 'vue'
import { reviewInWords } from './words'
import { STRETCHES, type StretchName } from './stretches'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

const LazyProposalsPanel = defineAsyncComponent(() => import('./ProposalsPanel.vue'))
const LazyLifeLine = defineAsyncComponent(() => import('./LifeLine.vue'))
const LazyBarsChart = defineAsyncComponent(() => import('~/shared/charts/BarsChart.vue'))

/** How a palette is used: what is pulled, what goes together, what was missed; proposals; its life. */
const props = defineProps<{ palette: Palette; review: Review; within: Stretch }>()
const stretch = defineModel<StretchName>('stretch', { required: true })
const collection = useCollection()
const TABS = ['Review', 'Proposals', 'Life'] as const
const tab = ref<(typeof TABS)[number]>('Review')
const rows = computed(() =>
  props.review.paints.flatMap((p) => {
    const paint = collection.paint(p.paintId)
    return paint ? [{ ...p, paint }] : []
  }),
)
const charted = computed(() => rows.value.filter((r) => r.of > 0).slice(0, 24))
const months = computed(() => {
  const counts = new Map<string, number>()
  for (const day of props.review.use.days) counts.set(day.slice(0, 7), (counts.get(day.slice(0, 7)) ?? 0) + 1)
  return [...counts].slice(-12)
})
const busiest = computed(() => [...months.value].sort((p, q) => q[1] - p[1])[0])
</script>

<template>
  <div>
    <ChoiceGroup label="What to look at" class="mb-2 flex gap-1">
      <button v-for="t in TABS" :key="t" class="choice" :aria-pressed="tab === t" @click="tab = t">{{ t }}</button>
    </ChoiceGroup>
    <LazyProposalsPanel v-if="tab === 'Proposals'" :palette="palette" :within="within" :review="review" />
    <LazyLifeLine v-else-if="tab === 'Life'" :palette="palette" />
    <section v-else aria-label="Review">
      <ChoiceGroup label="Over" class="mb-2 flex flex-wrap gap-1" data-repeats>
        <button v-for="s in STRETCHES" :key="s" class="choice" :aria-pressed="stretch === s" @click="stretch = s">
          {{ s }}
        </button>
      </ChoiceGroup>
      <p role="status" class="mb-2"><SaidPaints :text="reviewInWords(review, paintToken)" /></p>
      <template v-if="review.use.paintings">
        <p v-if="review.use.from" class="hint mb-2 text-sm">
          {{ dayInWords(review.use.from) }} to {{ dayInWords(review.use.to!) }}
        </p>
        <ul class="mb-3" aria-label="How often each is used">
          <li v-for="r in rows" :key="r.paintId" class="flex items-center gap-2 border-b border-line py-1">
            <PaintSwatch :paint="r.paint" class="h-6 w-10 shrink-0" />
            <span class="min-w-0 grow">
              <span class="block truncate">{{ r.paint.name }}</span>
              <span class="hint block text-[0.8125rem]"
                >{{ r.pull }}{{ r.of ? `: ${r.times} of ${r.of}${r.lots ? `, a lot in ${r.lots}` : ''}` : ''
                }}{{ r.days === undefined ? '; not filled' : `; in for ${counted(r.days, 'day')}`
                }}{{ r.last ? `; last ${dayInWords(r.last)}` : '' }}</span
              >
            </span>
          </li>
        </ul>
        <LazyBarsChart
          v-if="charted.length"
          title="In how many paintings"
          :labels="charted.map((r) => r.paint.name)"
          :series="[
            { name: 'some', values: charted.map((r) => r.times - r.lots) },
            { name: 'a lot', values: charted.map((r) => r.lots) },
          ]"
          unit="paintings"
          across
          :says="`${charted[0]!.paint.name} most, ${charted.at(-1)!.paint.name} least, each since it came in.`"
          class="mb-4"
        />
        <LazyBarsChart
          v-if="months.length > 1"
          title="Paintings by month"
          :labels="months.map(([m]) => m)"
          :series="[{ name: 'paintings', values: months.map(([, n]) => n) }]"
          unit="paintings"
          :says="`Most in ${busiest![0]}: ${busiest![1]}.`"
          class="mb-4"
        />
        <template v-if="review.together.length">
          <h3>Used together</h3>
          <ul class="mb-3 text-sm">
            <li v-for="t in review.together.slice(0, 6)" :key="t.paintIds.join()" class="py-0.5">
              <SaidPaints :text="`${listed(t.paintIds.map(paintToken))}: ${counted(t.times, 'painting')}`" />
            </li>
          </ul>
        </template>
        <template v-if="review.wished.length">
          <h3>Wished for</h3>
          <ul class="mb-3 text-sm">
            <li v-for="w in review.wished" :key="w.key">
              {{ w.words }}: {{ w.times === 1 ? 'once' : `${w.times} times` }}, last {{ dayInWords(w.last) }}
            </li>
          </ul>
        </template>
        <template v-if="review.gone.length">
          <h3>Used, and no longer planned</h3>
          <p class="text-sm">
            <SaidPaints
              :text="review.gone.map((g) => `${paintToken(g.paintId)} (${counted(g.times, 'painting')})`).join(', ')"
            />
          </p>
        </template>
      </template>
      <p v-else class="hint">
        Log what was used on the left. From {{ ENOUGH }} paintings on it is said what is not touched.
      </p>
    </section>
  </div>
</template>
