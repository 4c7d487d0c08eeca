<script setup lang="ts">
import type { LabD65 } from '@juxtachrome/core/units'
import { toScreen } from '@juxtachrome/core/colour'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useChartLook } from './useChartLook'
import { useSeen } from '~/shared/ui/useSeen'
import { figure as inFigures } from '~/shared/words/figures'

const Bar = defineAsyncComponent(async () => (await import('./lines')).Bar)
const figure = ref<HTMLElement>()
const seen = useSeen(figure)
const props = defineProps<{ samples: { name: string; masstone?: LabD65; wash?: LabD65 }[] }>()
const look = useChartLook()
const rows = computed(() =>
  props.samples.map(({ name, masstone, wash }, i) => ({
    name: `${i + 1} ${name}`,
    from: (masstone ?? wash)?.L ?? 0,
    to: (wash ?? masstone)?.L ?? 0,
    colour: masstone ?? wash,
  })),
)
const data = computed(() => ({
  labels: rows.value.map((r) => r.name.slice(0, 26)),
  datasets: [
    {
      label: 'L*',
      data: rows.value.map((r) => [r.from, Math.max(r.to, r.from + 0.6)] as [number, number]),
      backgroundColor: rows.value.map((r) => (r.colour ? toScreen(r.colour).hex : '#888')),
      borderColor: look.value.text,
      borderWidth: 1,
      borderSkipped: false as const,
      barPercentage: 0.7,
    },
  ],
}))
const options = computed(() => ({
  indexAxis: 'y' as const,
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  scales: {
    x: {
      min: 0,
      max: 100,
      title: { display: true, text: 'L*: black 0 to white 100', color: look.value.text },
      ticks: { color: look.value.text },
      grid: { color: look.value.line },
    },
    y: { ticks: { color: look.value.text }, grid: { display: false } },
  },
}))
const inWords = computed(() =>
  rows.value
    .map((r) => `${r.name}: from L* ${inFigures(r.from)} at masstone to ${inFigures(r.to)} in the wash.`)
    .join(' '),
)
</script>

<template>
  <figure ref="figure" class="min-w-0">
    <figcaption class="text-sm font-medium">Value: from masstone to wash</figcaption>
    <div class="relative min-w-0 overflow-hidden" :style="{ height: `${70 + rows.length * 30}px` }">
      <Bar v-if="seen" :aria-label="`Value. ${inWords}`" :data="data as never" :options="options" />
    </div>
  </figure>
</template>
