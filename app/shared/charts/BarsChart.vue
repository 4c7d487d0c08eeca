<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import { useChartLook } from './useChartLook'
import { useSeen } from '~/shared/ui/useSeen'

/** Bars along names, said in a sentence as well; each series has a pattern of its own. */
const props = defineProps<{
  title: string
  /** The point of it, in a sentence. */
  says: string
  labels: readonly string[]
  series: readonly { name: string; values: readonly number[] }[]
  unit: string
  across?: boolean
}>()
const Bar = defineAsyncComponent(async () => (await import('./lines')).Bar)
const figure = ref<HTMLElement>()
const seen = useSeen(figure)
const look = useChartLook()
const GREYS = ['#6b6b6b', '#b4b4b4', '#2f2f2f', '#d9d9d9']
const data = computed(() => ({
  labels: [...props.labels],
  datasets: props.series.map(({ name, values }, i) => ({
    label: name,
    data: [...values],
    backgroundColor: GREYS[i % GREYS.length],
    borderColor: look.value.text,
    borderWidth: 1,
  })),
}))
const options = computed(() => {
  const numbers = {
    beginAtZero: true,
    stacked: props.series.length > 1,
    title: { display: true, text: props.unit, color: look.value.text },
    ticks: { color: look.value.text, maxTicksLimit: 6 },
    grid: { color: look.value.line },
  }
  const names = {
    stacked: props.series.length > 1,
    ticks: { color: look.value.text, autoSkip: false },
    grid: { display: false },
  }
  return {
    responsive: true,
    maintainAspectRatio: false,
    animation: false as const,
    indexAxis: props.across ? ('y' as const) : ('x' as const),
    scales: props.across ? { x: numbers, y: names } : { x: names, y: numbers },
  }
})
const height = computed(() => (props.across ? `${Math.max(7, 1.6 * props.labels.length + 3)}rem` : '12rem'))
</script>

<template>
  <figure ref="figure" class="min-w-0">
    <figcaption class="text-sm font-medium">{{ title }}</figcaption>
    <div class="relative min-w-0 overflow-hidden" :style="{ height }">
      <Bar v-if="seen" :data="data" :options="options" :aria-label="`${title}. ${says}`" />
    </div>
    <ul v-if="series.length > 1" class="hint flex flex-wrap gap-x-3 text-xs">
      <li v-for="(s, i) in series" :key="s.name" class="flex items-center gap-1">
        <span
          class="inline-block size-3 border border-edge"
          :style="{ background: GREYS[i % GREYS.length] }"
          aria-hidden="true"
        />{{ s.name }}
      </li>
    </ul>
    <p class="hint text-sm">{{ says }}</p>
  </figure>
</template>
