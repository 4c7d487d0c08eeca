<script setup lang="ts">
import { gridToImage, type Corners } from '@juxtachrome/core/paints'
import { computed, ref } from 'vue'
import type { Photo } from '~/shared/files/usePhoto'

/** The photograph with four corners to be laid on the outer edges of the grid of swatches. */
const props = defineProps<{ photo: Photo; rows: number; columns: number }>()
const corners = defineModel<Corners>({ required: true })
const svg = ref<SVGSVGElement>()
const held = ref<number>()
const NAMES = ['top left', 'top right', 'bottom right', 'bottom left']
const radius = computed(() => Math.max(props.photo.width, props.photo.height) / 70)

const lines = computed(() => {
  const map = gridToImage(corners.value)
  if (!map.ok) return []
  const at = (u: number, v: number) => {
    const { x, y } = map.value(u, v)
    return `${x.toFixed(1)} ${y.toFixed(1)}`
  }
  const across = Array.from({ length: props.rows + 1 }, (_, r) => `M${at(0, r / props.rows)}L${at(1, r / props.rows)}`)
  return [
    ...across,
    ...Array.from({ length: props.columns + 1 }, (_, c) => `M${at(c / props.columns, 0)}L${at(c / props.columns, 1)}`),
  ]
})
function put(i: number, x: number, y: number) {
  const next = [...corners.value] as [Corners[0], Corners[1], Corners[2], Corners[3]]
  next[i] = { x: Math.max(0, Math.min(props.photo.width, x)), y: Math.max(0, Math.min(props.photo.height, y)) }
  corners.value = next
}
function drag(event: PointerEvent) {
  if (held.value === undefined || !svg.value) return
  const box = svg.value.getBoundingClientRect()
  put(
    held.value,
    ((event.clientX - box.left) / box.width) * props.photo.width,
    ((event.clientY - box.top) / box.height) * props.photo.height,
  )
}
function hold(i: number, event: PointerEvent) {
  held.value = i
  svg.value?.setPointerCapture(event.pointerId)
}
function step(i: number, event: KeyboardEvent) {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
  if (!by) return
  event.preventDefault()
  const size = Math.max(1, Math.round(props.photo.width / (event.shiftKey ? 40 : 400)))
  const corner = corners.value[i]!
  put(i, corner.x + by[0]! * size, corner.y + by[1]! * size)
}
</script>

<template>
  <div class="relative bg-ground">
    <svg
      ref="svg"
      class="block max-h-[60dvh] w-full touch-none"
      :viewBox="`0 0 ${photo.width} ${photo.height}`"
      role="group"
      aria-label="The photograph, with the grid on it"
      @pointermove="drag"
      @pointerup="held = undefined"
      @pointercancel="held = undefined"
    >
      <image :href="photo.url" :width="photo.width" :height="photo.height" />
      <path :d="lines.join('')" fill="none" stroke="#fff" :stroke-width="radius / 3" />
      <path :d="lines.join('')" fill="none" stroke="#1b1b1b" :stroke-width="radius / 8" />
      <g
        v-for="(c, i) in corners"
        :key="i"
        role="button"
        tabindex="0"
        class="cursor-move"
        :aria-label="`Corner ${NAMES[i]}, at ${Math.round(c.x)}, ${Math.round(c.y)}. Arrows move it, with Shift further`"
        @pointerdown="hold(i, $event)"
        @keydown="step(i, $event)"
      >
        <circle :cx="c.x" :cy="c.y" :r="radius * 2.4" fill="transparent" />
        <circle
          :cx="c.x"
          :cy="c.y"
          :r="radius"
          fill="#fff"
          fill-opacity="0.7"
          stroke="#1b1b1b"
          :stroke-width="radius / 5"
        />
        <text :x="c.x" :y="c.y + radius * 0.45" text-anchor="middle" :font-size="radius * 1.3" fill="#1b1b1b">
          {{ i + 1 }}
        </text>
      </g>
    </svg>
  </div>
</template>
