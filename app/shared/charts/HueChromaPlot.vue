<script setup lang="ts">
import type { LabD65 } from '@juxtachrome/core/units'
import { toLch, toScreen } from '@juxtachrome/core/colour'
import { computed, defineAsyncComponent, ref } from 'vue'
import { pointNumbers, useChartLook } from './useChartLook'
import { useSeen } from '~/shared/ui/useSeen'
import { figure as inFigures } from '~/shared/words/figures'

const Scatter = defineAsyncComponent(async () => (await import('./lines')).Scatter)
const figure = ref<HTMLElement>()
const seen = useSeen(figure)
const props = defineProps<{ samples: { name: string; masstone?: LabD65; wash?: LabD65 }[] }>()
const look = useChartLook()
const point = (lab: LabD65) => ({ x: lab.a, y: lab.b })
const data = computed(() => ({
  datasets: props.samples.map(({ name, masstone, wash }, i) => {
    const labs = [wash, masstone].filter((l) => l !== undefined)
    return {
      label: `${i + 1} ${name}`,
      data: labs.map(point),
      showLine: true,
      borderColor: look.value.text,
      borderWidth: 1,
      pointBackgroundColor: labs.map((l) => toScreen(l).hex),
      pointBorderColor: look.value.text,
      pointRadius: labs.map((_, k) => (k === labs.length - 1 ? 8 : 6)),
      pointStyle: labs.map((_, k) => (k === labs.length - 1 ? 'circle' : 'rectRot')),
    }
  }),
}))
const options = computed(() => {
  const axis = (text: string) => ({
    min: -80,
    max: 100,
    title: { display: true, text, color: look.value.text },
    ticks: { color: look.value.text, stepSize: 20 },
    grid: { color: (c: { tick: { value: number } }) => (c.tick.value === 0 ? look.value.text : look.value.line) },
  })
  return {
    responsive: true,
    maintainAspectRatio: false,
    animation: false as const,
    scales: { x: axis('a*: green to red'), y: axis('b*: blue to yellow') },
  }
})
const inWords = computed(() =>
  props.samples.map(({ name, masstone, wash }, i) => {
    const say = (lab: LabD65) => {
      const { C, h } = toLch(lab)
      return `hue ${inFigures(h)}°, chroma ${inFigures(C)}`
    }
    return `${i + 1} ${name}: ${[masstone && `masstone ${say(masstone)}`, wash && `wash ${say(wash)}`].filter(Boolean).join('; ')}.`
  }),
)
const plugins = [pointNumbers(() => look.value.text)]
</script>

<template>
  <figure ref="figure" class="min-w-0">
    <figcaption class="text-sm font-medium">Hue and chroma: the further from the middle, the more chromatic</figcaption>
    <div class="aspect-square max-h-96">
      <Scatter
        v-if="seen"
        :aria-label="`Hue and chroma. ${inWords.join(' ')}`"
        :data="data as never"
        :options="options as never"
        :plugins="plugins"
      />
    </div>
    <ul class="hint mt-1 text-xs">
      <li v-for="line in inWords" :key="line">{{ line }}</li>
    </ul>
    <p class="hint text-xs">Circle: masstone. Diamond: wash.</p>
  </figure>
</template>
