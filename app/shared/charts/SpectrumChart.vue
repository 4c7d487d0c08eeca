<script setup lang="ts">
import { WAVELENGTHS } from '@juxtachrome/core/colour'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useChartLook } from './useChartLook'
import { useSeen } from '~/shared/ui/useSeen'
import { figure as inFigures } from '~/shared/words/figures'

const Line = defineAsyncComponent(async () => (await import('./lines')).Line)
const figure = ref<HTMLElement>()
const seen = useSeen(figure)
const props = defineProps<{
  title: string
  curves: { name: string; values: ArrayLike<number>; colour?: string; dashed?: boolean }[]
  unit?: string
}>()
const look = useChartLook()
const data = computed(() => ({
  labels: [...WAVELENGTHS],
  datasets: props.curves.map(({ name, values, colour, dashed }) => ({
    label: name,
    data: Array.from(values),
    borderColor: colour ?? look.value.text,
    borderDash: dashed ? [5, 4] : [],
    borderWidth: 2,
    pointRadius: 0,
    tension: 0.3,
  })),
}))
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  interaction: { mode: 'index' as const, intersect: false },
  scales: {
    x: {
      title: { display: true, text: 'nm', color: look.value.text },
      ticks: { color: look.value.text, maxTicksLimit: 8 },
      grid: { color: look.value.line },
    },
    y: {
      min: 0,
      ...(props.unit ? {} : { max: 1 }),
      title: { display: true, text: props.unit ?? 'reflectance', color: look.value.text },
      ticks: { color: look.value.text, maxTicksLimit: 6 },
      grid: { color: look.value.line },
    },
  },
}))
/** In words: where each curve is lowest and highest. */
const inWords = computed(() =>
  props.curves.map(({ name, values }) => {
    const list = Array.from(values)
    const at = (v: number) => WAVELENGTHS[list.indexOf(v)]
    const [low, high] = [Math.min(...list), Math.max(...list)]
    return `${name}: lowest ${inFigures(low, 2)} at ${at(low)} nm, highest ${inFigures(high, 2)} at ${at(high)} nm.`
  }),
)
</script>

<template>
  <figure ref="figure" class="min-w-0">
    <figcaption class="text-sm font-medium">{{ title }}</figcaption>
    <div class="h-44">
      <Line v-if="seen" :data="data" :options="options" :aria-label="`${title}. ${inWords.join(' ')}`" />
    </div>
    <ul class="hint mt-1 text-xs">
      <li v-for="(line, i) in inWords" :key="line" class="flex items-center gap-1.5">
        <span
          class="inline-block w-5 border-t-2"
          :class="curves[i]?.dashed ? 'border-dashed' : ''"
          :style="{ borderColor: curves[i]?.colour ?? 'currentColor' }"
          aria-hidden="true"
        />{{ line }}
      </li>
    </ul>
  </figure>
</template>
