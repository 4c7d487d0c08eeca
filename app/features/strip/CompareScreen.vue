<script setup lang="ts">
import { toScreen } from '@juxtachrome/core/colour'
import { reflectanceAt } from '@juxtachrome/core/film'
import { computed } from 'vue'
import { opticsOf } from '~/shared/swatch/opticsOf'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { useStripSamples } from './useStripSamples'
import { useStrip } from '~/stores/strip'
import HueChromaPlot from '~/shared/charts/HueChromaPlot.vue'
import SpectrumChart from '~/shared/charts/SpectrumChart.vue'
import SwatchBand from '~/shared/swatch/SwatchBand.vue'
import ValueStrip from '~/shared/charts/ValueStrip.vue'
import { figure } from '~/shared/words/figures'

useHead({ title: 'Side by side · Juxtachrome' })
const router = useRouter()
/** The screen before this one; none where it was opened by its address. */
const cameFrom = router.options.history.state.back
const strip = useStrip()
const { samples, pair, comparison } = useStripSamples()
const { predict } = useMixtures()
const shown = computed(() => [...(pair.value ?? samples.value)])
const curves = computed(() =>
  strip.items.flatMap((item) => {
    const key = item.kind === 'paint' ? item.id : undefined
    const sample = samples.value.find((s) => (key ? s.key === key : item.kind === 'mix' && s.name === item.name))
    if (!sample || !shown.value.some((s) => s.key === sample.key)) return []
    if (item.kind === 'mix') {
      const mix = predict(item.parts, item.water)
      return mix.ok
        ? [{ name: sample.name, values: reflectanceAt(mix.value.optics, 1), colour: toScreen(mix.value.masstone).hex }]
        : []
    }
    const optics = sample.paint && opticsOf(sample.paint)
    return optics?.ok ? [{ name: sample.name, values: reflectanceAt(optics.value, 1), colour: sample.stops[0] }] : []
  }),
)
/** The differences behind the words, CIEDE2000. */
const figures = computed(() => {
  const { masstone, wash } = comparison.value ?? {}
  const said = [
    masstone === undefined ? '' : `masstone ${figure(masstone, 1)}`,
    wash === undefined ? '' : `wash ${figure(wash, 1)}`,
  ].filter(Boolean)
  return said.length ? `Difference: ${said.join(', ')} (CIEDE2000).` : ''
})
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <div class="mb-2 flex items-center gap-3">
      <h1 class="grow">Side by side</h1>
      <button v-if="cameFrom" class="btn" @click="router.back()">Back to where you were</button>
    </div>
    <p v-if="samples.length < 2" class="panel max-w-2xl p-5">
      Send two or more paints, mixtures or colours to the strip along the bottom; what differs between them is read
      here.
    </p>
    <template v-else>
      <div class="grid grid-cols-1 gap-3 md:grid-cols-2 xl:grid-cols-[22rem_minmax(0,1fr)_minmax(0,1fr)]">
        <section v-if="comparison && pair" class="panel min-w-0 p-3" aria-label="What differs" aria-live="polite">
          <div class="grid grid-cols-2 bg-ground">
            <SwatchBand
              v-for="s in pair"
              :key="s.key"
              :stops="s.stops"
              :grain="s.grain"
              :marked="s.marked"
              :assumed="s.assumed"
              direction="to bottom"
              class="h-28"
            />
          </div>
          <h2 class="mt-2">{{ pair[0].name }} and {{ pair[1].name }}</h2>
          <ul class="mt-1 text-sm">
            <li v-for="line in comparison.lines" :key="line">{{ line }}</li>
          </ul>
          <p class="mt-2 font-medium">{{ comparison.missed }}</p>
          <details v-if="figures" class="mt-1 text-sm">
            <summary class="link inline-flex min-h-7 items-center">The figures</summary>
            <p>{{ figures }}</p>
          </details>
        </section>
        <p v-else class="hint">
          Choose two samples on the strip to read what differs in words; all of them are plotted here.
        </p>
        <HueChromaPlot class="panel min-w-0 p-3" :samples="shown" />
        <div class="min-w-0 space-y-3">
          <ValueStrip class="panel p-3" :samples="shown" /><SpectrumChart
            v-if="curves.length"
            class="panel p-3"
            title="Reflectance of the masstones on white paper, modelled"
            :curves="curves"
          />
        </div>
      </div>
    </template>
  </div>
</template>
