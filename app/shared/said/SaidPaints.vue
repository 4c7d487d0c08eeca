<script setup lang="ts">
import { computed } from 'vue'
import PaintChip from './PaintChip.vue'
import { piecesOf } from './paintTokens'

/** A sentence whose paints carry their swatches: `text` holds them as tokens. */
const props = defineProps<{ text: string }>()
const pieces = computed(() => piecesOf(props.text))
</script>

<template>
  <template v-for="(piece, i) in pieces" :key="i"
    ><PaintChip v-if="'paintId' in piece" :paint-id="piece.paintId" /><template v-else>{{
      piece.text
    }}</template></template
  >
</template>
