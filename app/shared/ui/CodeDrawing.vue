<script setup lang="ts">
import { layCode } from '@juxtachrome/core/charts'
import { computed } from 'vue'
import type { CodeSquares } from '~/shared/files/printedCode'

/** A code that a camera reads, black on white whatever the theme, at the size at which it prints. */
const props = defineProps<{ squares: CodeSquares }>()
const laid = computed(() => layCode(props.squares, '', () => 0))
const side = computed(() => laid.value.height)
</script>

<template>
  <svg
    role="img"
    aria-label="A code that opens this palette on a phone or tablet"
    :viewBox="`0 0 ${side} ${side}`"
    :style="{ width: `${side}mm`, height: `${side}mm`, maxWidth: '100%', forcedColorAdjust: 'none' }"
    shape-rendering="crispEdges"
  >
    <template v-for="(mark, i) in laid.marks" :key="i">
      <rect
        v-if="mark.is === 'rect'"
        :x="mark.x"
        :y="mark.y"
        :width="mark.width"
        :height="mark.height"
        :fill="mark.fill"
      />
    </template>
  </svg>
</template>
