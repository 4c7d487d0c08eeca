<script setup lang="ts">
import { toScreen } from '@juxtachrome/core/colour'
import { reflectanceAt } from '@juxtachrome/core/film'
import { computed } from 'vue'
import { opticsOf, useMixtures } from '~/composables/useMixtures'
import { useStripSamples } from '~/composables/useStripSamples'
import { useStrip } from '~/stores/strip'

useHead({ title: 'Side by side · Juxtachrome' })
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
</script>

<template>
  <div class="mx-auto w-full max-w-7xl p-3">
    <h1 class="mb-2">Side by side</h1>
    <p v-if="samples.length < 2" class="panel max-w-2xl p-5">
      Send two or more paints, mixtures or colours to the strip along the bottom; what differs between them is read
      here.
    </p>
    <template v-else>
      <section
        v-if="comparison && pair"
        class="panel mb-4 grid gap-4 p-4 md:grid-cols-2"
        aria-label="What differs"
        aria-live="polite"
      >
        <div class="grid grid-cols-2 self-start bg-ground">
          <SwatchBand
            v-for="s in pair"
            :key="s.key"
            :stops="s.stops"
            :grain="s.grain"
            :marked="s.marked"
            :assumed="s.assumed"
            direction="to bottom"
            class="h-44"
          />
        </div>
        <div>
          <h2>{{ pair[0].name }} and {{ pair[1].name }}</h2>
          <ul class="mt-1">
            <li v-for="line in comparison.lines" :key="line">{{ line }}</li>
          </ul>
          <p class="mt-2 font-medium">{{ comparison.missed }}</p>
        </div>
      </section>
      <p v-else class="hint mb-3">
        Choose two samples on the strip to read what differs in words; all of them are plotted here.
      </p>
      <div class="grid grid-cols-1 gap-4 lg:grid-cols-2">
        <HueChromaPlot class="panel p-3" :samples="shown" />
        <div class="space-y-4">
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
