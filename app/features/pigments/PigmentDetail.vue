<script setup lang="ts">
import { leanInWords, leanOf, toScreen } from '@juxtachrome/core/colour'
import {
  basisOf,
  cautionsInWords,
  cautionsOfCodes,
  commonnessOf,
  isPredicted,
  lightfastnessOf,
  pigmentVariants,
  replacementInWords,
  replacementOf,
  type ReferenceFigure,
  type ReferencePigment,
} from '@juxtachrome/core/pigments'
import { reflectanceAt, referenceFilm } from '@juxtachrome/core/film'
import { computed } from 'vue'
import { filmStops, grainOf, screenStops } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'
import { useStrip } from '~/stores/strip'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import SpectrumChart from '~/shared/charts/SpectrumChart.vue'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import { figure as inFigures } from '~/shared/words/figures'

const props = defineProps<{ pigment: ReferencePigment }>()
const emit = defineEmits<{ close: [] }>()
const collection = useCollection()
const strip = useStrip()
const inModel = computed(() => isPredicted(props.pigment))
const film = computed(() => (inModel.value ? referenceFilm(props.pigment) : undefined))
const stops = computed(() =>
  film.value ? filmStops(film.value) : screenStops([props.pigment.masstone, props.pigment.wash]),
)
const curves = computed(() =>
  film.value
    ? [
        { name: 'masstone', values: reflectanceAt(film.value, 1), colour: toScreen(props.pigment.masstone).hex },
        {
          name: 'wash',
          values: reflectanceAt(film.value, film.value.washLoad),
          colour: toScreen(props.pigment.wash).hex,
          dashed: true,
        },
      ]
    : [],
)
const lab = (l: ReferencePigment['masstone']) => `L* ${inFigures(l.L)}  a* ${inFigures(l.a)}  b* ${inFigures(l.b)}`
const family = computed(() => {
  const lean = leanOf(props.pigment, props.pigment.family)
  return lean ? leanInWords(lean) : props.pigment.family
})
const COMMON = ['not sold as watercolour', 'rare', 'in some ranges', 'in most ranges', 'in nearly every range']
const usual = computed(() => {
  const known = commonnessOf(props.pigment.code)
  if (!known) return undefined
  const market = {
    made: '',
    ended: 'no longer made: old tubes and stocks only',
    historic: 'historic: imitations took its place',
  }
  return [COMMON[known.common], market[known.market], known.note].filter(Boolean).join('; ')
})
/** Why a pigment is usually replaced. */
const WHY: Record<string, string> = {
  fades: 'fades',
  browns: 'browns with age',
  ended: 'is no longer made',
  historic: 'is historic',
  poisonous: 'is poisonous',
  dear: 'is dear',
  'hard in pans': 'dries hard in pans',
  ...Object.fromEntries(['lead', 'mercury', 'cadmium', 'arsenic'].map((metal) => [metal, `holds ${metal}`])),
}
const replaced = computed(() => replacementOf(props.pigment.code))
const facts = computed((): [string, string, ReferenceFigure][] => {
  const p = props.pigment
  const all: [string, string | undefined, ReferenceFigure][] = [
    ['C.I. number', p.constitution, 'constitution'],
    ['Chemistry', p.chemistry, 'chemistry'],
    ['Family', family.value, 'family'],
    ['Masstone', lab(p.masstone), 'masstone'],
    ['Wash, 1:6', lab(p.wash), 'wash'],
    ['Transparency', p.transparency, 'transparency'],
    ['Staining', p.staining, 'staining'],
    ['Granulation', p.granulation, 'granulation'],
    [
      'Lightfastness',
      p.astm
        ? `ASTM ${p.astm}`
        : `not listed by ASTM as far as known${p.expected ? `; expected: ${lightfastnessOf(p.expected)}` : ''}`,
      p.astm ? 'astm' : 'expected',
    ],
    ['Tinting strength', p.strength, 'strength'],
    ['Dried in a pan', p.inPan, 'inPan'],
    ['How usual', usual.value, 'family'],
  ]
  return all.filter((f): f is [string, string, ReferenceFigure] => f[1] !== undefined)
})
const siblings = computed(() => pigmentVariants(props.pigment.code).filter((p) => p.id !== props.pigment.id))
const paints = computed(() => collection.paints.filter((p) => p.pigments.includes(props.pigment.code)))
const palettes = computed(() =>
  collection.palettes.flatMap((palette) => {
    const places = Object.entries(palette.plan)
      .filter(([, plan]) => collection.paint(plan.paintId)?.pigments.includes(props.pigment.code))
      .map(([id]) => id)
    return places.length ? [{ palette, places }] : []
  }),
)
</script>

<template>
  <article class="p-4" :aria-label="pigment.id">
    <div class="mb-2 flex items-start gap-2">
      <div class="min-w-0 grow">
        <h2 class="text-lg">
          {{ pigment.code }} <span v-if="pigment.variant" class="italic">{{ pigment.variant }}</span>
        </h2>
        <p>{{ pigment.names.join(', ') }}</p>
      </div>
      <button
        class="btn shrink-0"
        @click="
          strip.put({
            kind: 'colour',
            name: `${pigment.id} reference`,
            L: pigment.masstone.L,
            a: pigment.masstone.a,
            b: pigment.masstone.b,
          })
        "
      >
        To the strip
      </button>
      <button class="btn btn-quiet" @click="emit('close')">Close</button>
    </div>
    <div class="mb-2 bg-ground p-3">
      <SwatchBand :stops="stops" :grain="grainOf(pigment)" :marked="!inModel" class="h-16" />
    </div>
    <p v-if="pigment.hides" class="mb-2 doubt">{{ pigment.hides }}</p>
    <p v-if="siblings.length" class="mb-2">
      Also under this code:
      <template v-for="(s, i) in siblings" :key="s.id"
        ><template v-if="i">, </template
        ><NuxtLink class="link" :to="`/pigments/${encodeURIComponent(s.id)}`">{{
          s.variant ?? s.code
        }}</NuxtLink></template
      >
    </p>
    <p v-if="!inModel" class="mb-2 doubt">
      It sends light back in ways the mixing model does not hold, so it is kept out of predictions; a screen cannot show
      it.
    </p>
    <dl class="grid grid-cols-[7.5rem_1fr] gap-x-3 gap-y-0.5">
      <template v-for="[term, value, figure] in facts" :key="term"
        ><dt class="hint">{{ term }}</dt>
        <dd>
          {{ value }} <span class="hint text-xs">({{ basisOf(figure).kind }})</span>
        </dd></template
      >
    </dl>
    <template v-if="replaced">
      <h3 class="mt-3">What takes its place{{ WHY[replaced.why] ? `, since it ${WHY[replaced.why]}` : '' }}</h3>
      <ul class="list-disc pl-5 text-sm">
        <li v-for="choice in replaced.take" :key="replacementInWords(choice)">{{ replacementInWords(choice) }}</li>
      </ul>
      <p v-if="replaced.lost" class="hint text-sm">Not in it: {{ replaced.lost }}. Common practice, from memory.</p>
    </template>
    <h3 class="mt-3">Cautions</h3>
    <ul class="list-disc pl-5 text-sm">
      <li v-if="cautionsOfCodes([pigment.code], [pigment]).forChildren === 'no'">Not for children.</li>
      <li v-for="line in cautionsInWords(pigment.cautions)" :key="line">{{ line }}</li>
    </ul>
    <SpectrumChart v-if="curves.length" class="mt-3" title="Reflectance on white paper, modelled" :curves="curves" />
    <h3 class="mt-3">In your collection</h3>
    <ul v-if="paints.length">
      <li v-for="p in paints" :key="p.id" class="flex items-center gap-2 py-0.5">
        <PaintSwatch :paint="p" class="h-5 w-9 shrink-0" /><NuxtLink class="link" :to="`/paints/${p.id}`"
          >{{ p.name }}, {{ p.maker || 'no maker' }}</NuxtLink
        ><span v-if="p.pigments.length > 1" class="hint">{{ p.pigments.join(' ') }}</span>
      </li>
    </ul>
    <p v-else class="hint">None of your paints contains it.</p>
    <p v-if="palettes.length" class="mt-1">
      Planned in
      <template v-for="({ palette, places }, i) in palettes" :key="palette.id"
        ><template v-if="i">, </template
        ><NuxtLink class="link" :to="`/palettes/${palette.id}/choose`">{{ palette.name }}</NuxtLink> ({{
          places.join(', ')
        }})</template
      >
    </p>
    <details class="mt-3 text-sm">
      <summary class="py-1">Where these figures come from</summary>
      <ul class="mt-1">
        <li v-for="[term, , figure] in facts" :key="term">
          {{ term }}: {{ basisOf(figure).kind }}; {{ basisOf(figure).source }}.
        </li>
      </ul>
      <p class="mt-1">No measured film of watercolour stands behind them: your own swatches always come first.</p>
    </details>
  </article>
</template>
