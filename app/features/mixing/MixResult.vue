<script setup lang="ts">
import { colourDifference, differenceInWords, leanInWords, toLch, toScreen } from '@juxtachrome/core/colour'
import type { PaintParts } from '@juxtachrome/core/documents'
import { colourAt, loadAt } from '@juxtachrome/core/film'
import { behaviourOfMixture, mayLean, type MixturePrediction } from '@juxtachrome/core/mixing'
import { computed, ref } from 'vue'
import { useRecipeCommands } from './commands'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { grainOf, screenStops } from '~/shared/swatch/useSwatch'
import LightChoice from './LightChoice.vue'
import { OF_LAMPS } from './words'
import { useBench } from '~/stores/bench'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useStrip } from '~/stores/strip'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import { figure } from '~/shared/words/figures'

const props = defineProps<{ parts: readonly PaintParts[]; water: number; mix: MixturePrediction }>()
const collection = useCollection()
const bench = useBench()
const strip = useStrip()
const notices = useNotices()
const { inWords, predict } = useMixtures()
const recipes = useRecipeCommands()
const name = ref('')
const paints = computed(() => props.parts.flatMap((p) => collection.paint(p.paintId) ?? []))
const behaviour = computed(() =>
  behaviourOfMixture(paints.value.map((paint, i) => ({ paint, share: props.mix.shares[i]! }))),
)
const pigments = computed(() => [...new Set(paints.value.flatMap((p) => p.pigments))])
const unplain = computed(() => (props.mix.correctedBy ? predict(props.parts, props.water, []) : undefined))
/** How far own notes shift the prediction. */
const shifted = computed(() =>
  unplain.value?.ok ? colourDifference(unplain.value.value.lab, props.mix.lab) : undefined,
)
const here = computed(() =>
  toScreen(bench.light === 'lamp' ? colourAt(props.mix.optics, props.mix.load, 'lamp') : props.mix.lab),
)
const ramp = computed(() =>
  bench.light === 'lamp'
    ? props.mix.ramp.map((r) => colourAt(props.mix.optics, loadAt(props.mix.optics, r.water), 'lamp'))
    : props.mix.ramp.map((r) => r.lab),
)
const sure = computed(() => {
  const bases = paints.value.map((p) => {
    const o = opticsOf(p)
    return o.ok ? o.value.basis : 'reference'
  })
  const assumed = bases.filter((b) => b === 'reference').length
  const { median, most, covariance } = props.mix.expected
  const leans = mayLean(props.mix.lab, covariance)
  const open = leans ? `; a neutral like this may turn out to lean ${leans[0]} or ${leans[1]}` : ''
  const few = `one in twenty is off by more than ${figure(most)}${open}`
  const within = `predicted; half of such predictions lie within ${figure(median, 1)}, ${few}`
  const paintsAre = assumed === 1 ? 'one paint is' : `${assumed} paints are`
  return assumed ? `${within}; ${paintsAre} only assumed from the code` : within
})
const doubts = computed(() =>
  paints.value.flatMap((p) => {
    const o = opticsOf(p)
    if (!o.ok) return []
    const { doubt, unknown = [] } = o.value
    const missing = `${unknown.join(' and ')} ${unknown.length === 1 ? 'is' : 'are'} not in the reference`
    return [
      ...(doubt ? [`${p.name}: ${doubt}`] : []),
      ...(unknown.length ? [`${p.name}: ${missing}, so a part of what it does is not known.`] : []),
    ]
  }),
)
const facts = computed(() => {
  const { mix } = props
  const { C, h } = toLch(mix.masstone)
  return [
    ['Lean', mix.lean ? leanInWords(mix.lean) : 'neutral'],
    ['Value', `L* ${figure(mix.value.darkest)} at masstone, ${figure(mix.value.wash)} in the wash`],
    [
      'Chroma',
      `${figure(C)} at masstone${C < 8 ? ', near neutral' : `, hue ${figure(h)}°`}; ${figure(mix.chroma.wash)} in the wash`,
    ],
    ['Transparency', mix.transparency],
    ['Pigments', `${pigments.value.length}: ${pigments.value.join(', ') || 'no codes'}`],
    ['Granulation', behaviour.value.granulation],
    ['Separation', behaviour.value.separates],
    ['Staining', behaviour.value.staining],
    ['Lightfastness', behaviour.value.lightfastness && `${behaviour.value.lightfastness}, by its weakest paint`],
    ['How sure', sure.value],
    [
      'Own notes',
      shifted.value === undefined
        ? undefined
        : `${props.mix.correctedBy} of your notes shift it by ${figure(shifted.value, 1)} (${differenceInWords(shifted.value)})`,
    ],
  ].filter(([, v]) => v)
})
const called = computed(() => name.value.trim() || inWords(props.parts))
const plain = () => props.parts.map((p) => ({ ...p }))
function keep() {
  recipes.keep(called.value.slice(0, 120), plain(), props.water)
  notices.say(`Kept the recipe ${called.value}.`)
  name.value = ''
}
</script>

<template>
  <section aria-label="The mixture">
    <div class="bg-ground p-3">
      <SwatchBand :stops="screenStops(ramp)" :grain="grainOf(behaviour)" class="h-20" />
      <div
        class="mt-2 h-14"
        :style="{ background: here.hex }"
        role="img"
        :aria-label="`The mixture at this much water: L* ${figure(mix.lab.L)}, a* ${figure(mix.lab.a)}, b* ${figure(mix.lab.b)}`"
      />
    </div>
    <LightChoice class="mt-2" />
    <p v-if="bench.light === 'lamp'" class="hint text-sm">{{ OF_LAMPS }}</p>
    <p class="hint mt-1 text-sm">
      Above: masstone to wash. Below: at this much water{{ here.shown ? '' : ', brighter than a screen can show' }}.
    </p>
    <dl class="mt-2 grid grid-cols-[7rem_1fr] gap-x-3 gap-y-0.5">
      <template v-for="[term, value] in facts" :key="term"
        ><dt class="hint">{{ term }}</dt>
        <dd>{{ value }}</dd></template
      >
    </dl>
    <p v-for="d in doubts" :key="d" class="mt-2 doubt">{{ d }}</p>
    <form class="mt-3 flex flex-wrap items-end gap-2" @submit.prevent="keep">
      <label class="min-w-40 grow text-sm"
        >Name it <input v-model="name" class="input" maxlength="120" :placeholder="inWords(parts)"
      /></label>
      <button class="btn btn-primary">Keep the recipe</button>
      <button type="button" class="btn" @click="strip.put({ kind: 'mix', name: called, parts: plain(), water })">
        To the strip
      </button>
    </form>
  </section>
</template>
