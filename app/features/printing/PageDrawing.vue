<script setup lang="ts">
import { svgOf, type Measure, type Page } from '@juxtachrome/core/charts'
import { computed, useId } from 'vue'

/** A sheet as it will be printed, from the same marks; `close` leaves out the bare paper around what is drawn. */
const props = defineProps<{ page: Page; measure: Measure; label: string; close?: boolean }>()
const id = useId()
const panes = computed(() =>
  props.page.panes.map(({ clip, marks }, i) => ({
    id: `${id}-${i}`,
    clip,
    elements: marks.map((m) => svgOf(m, props.measure)),
  })),
)
/** Room for the marks around what is drawn, mm. */
const AROUND = 6
const seen = computed(() => {
  const { width, height, content } = props.page
  if (!props.close) return `0 0 ${width} ${height}`
  return [content.x - AROUND, content.y - AROUND, content.width + 2 * AROUND, content.height + 2 * AROUND].join(' ')
})
const over = computed(() => props.page.marks.map((m) => svgOf(m, props.measure)))
</script>

<template>
  <svg :viewBox="seen" class="block w-full border border-line bg-white" role="img" :aria-label="label">
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
