<script setup lang="ts">
import { codeMarks, codeSide } from '@juxtachrome/core/charts'
import { computed } from 'vue'
import type { CodeSquares } from '~/shared/files/printedCode'

/** A code that a camera reads, black on white whatever the theme, at the size at which it prints. */
const props = defineProps<{ squares: CodeSquares }>()
const side = computed(() => codeSide(props.squares))
const marks = computed(() => codeMarks(props.squares, { x: 0, y: 0 }))
</script>

<template>
  <svg
    role="img"
    aria-label="A code that opens this palette on a phone or tablet"
    :viewBox="`0 0 ${side} ${side}`"
    :style="{ width: `${side}mm`, height: `${side}mm`, maxWidth: '100%', forcedColorAdjust: 'none' }"
    shape-rendering="crispEdges"
  >
    <rect
      v-for="({ x, y, width, height, fill }, i) in marks"
      :key="i"
      :x="x"
      :y="y"
      :width="width"
      :height="height"
      :fill="fill"
    />
  </svg>
</template>
