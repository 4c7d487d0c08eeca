<script setup lang="ts">
import { type Palette, planAt } from '@juxtachrome/core/documents'
import { mainPaintOf, type PaletteState } from '@juxtachrome/core/ledger'
import { boxOf } from '@juxtachrome/core/arranging'
import { computed } from 'vue'
import { screenSwatch } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'

/** `scale`: pixels to a millimetre, where several lie beside each other; otherwise as large as there is room. */
const props = defineProps<{ palette: Palette; state: PaletteState; scale?: number }>()
const collection = useCollection()
const cells = computed(() =>
  props.palette.holder.places.map((place) => {
    const content = props.state.get(place.id)?.content
    const lying = content && mainPaintOf(content)
    const paint = collection.paint(lying ?? planAt(props.palette, place.id)?.paintId)
    const stops = paint ? screenSwatch(paint).stops : []
    return {
      id: place.id,
      shape: place.shape,
      masstone: stops[0] ?? 'none',
      wash: stops.at(-3) ?? 'none',
      lying: Boolean(lying),
    }
  }),
)
const holder = computed(() => props.palette.holder)
</script>

<template>
  <svg
    :viewBox="`-1 -1 ${holder.width + 2} ${holder.height + 2}`"
    aria-hidden="true"
    class="max-w-full text-edge"
    :class="scale ? '' : 'max-h-44 w-full'"
    :style="scale ? { width: `${(holder.width + 2) * scale}px` } : undefined"
    stroke="currentColor"
    stroke-width="0.6"
  >
    <circle
      v-if="holder.outline === 'ring'"
      :cx="holder.width / 2"
      :cy="holder.height / 2"
      :r="holder.width / 2"
      class="fill-ground"
    />
    <rect v-else :width="holder.width" :height="holder.height" rx="4" class="fill-ground" />
    <template v-for="cell in cells" :key="cell.id">
      <circle
        v-if="cell.shape.kind === 'circle'"
        :cx="cell.shape.x"
        :cy="cell.shape.y"
        :r="cell.shape.radius"
        :fill="cell.masstone"
      />
      <template v-else>
        <rect v-bind="boxOf(cell.shape)" :rx="cell.shape.corner" :fill="cell.masstone" />
        <rect
          :x="cell.shape.x"
          :width="cell.shape.width"
          :y="cell.shape.y + cell.shape.height * 0.62"
          :height="cell.shape.height * 0.38"
          :fill="cell.wash"
          stroke="none"
        />
      </template>
    </template>
  </svg>
</template>
