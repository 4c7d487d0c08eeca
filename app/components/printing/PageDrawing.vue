<script setup lang="ts">
import { svgOf, type Measure, type Page } from '@juxtachrome/core/charts'
import { computed, useId } from 'vue'

/** A sheet as it will be printed, from the same marks. */
const props = defineProps<{ page: Page; measure: Measure; label: string }>()
const id = useId()
const panes = computed(() =>
  props.page.panes.map(({ clip, marks }, i) => ({
    id: `${id}-${i}`,
    clip,
    elements: marks.map((m) => svgOf(m, props.measure)),
  })),
)
const over = computed(() => props.page.marks.map((m) => svgOf(m, props.measure)))
</script>

<template>
  <svg
    :viewBox="`0 0 ${page.width} ${page.height}`"
    class="block w-full border border-line bg-white"
    role="img"
    :aria-label="label"
  >
    <defs>
      <clipPath v-for="pane in panes" :id="pane.id" :key="pane.id"><rect v-bind="pane.clip" /></clipPath>
    </defs>
    <g v-for="pane in panes" :key="pane.id" :clip-path="`url(#${pane.id})`">
      <component :is="e.name" v-for="(e, i) in pane.elements" :key="i" v-bind="e.attributes">{{ e.words }}</component>
    </g>
    <component :is="e.name" v-for="(e, i) in over" :key="i" v-bind="e.attributes">{{ e.words }}</component>
    <slot />
  </svg>
</template>
