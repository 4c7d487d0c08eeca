<script setup lang="ts">
import { toScreen } from '@juxtachrome/core/colour'
import { cellNumber, cellsOfRing, labOfCell, RINGS, WHEELS, type LatticeCell } from '@juxtachrome/core/reach'
import { computed } from 'vue'

/** One value of the map: hue around, chroma outward; what is reached in its own colour, the rest in outline. */
const props = defineProps<{
  wheel: number
  map: readonly number[]
  selected?: LatticeCell
  still?: boolean
  /** Too small for crosses. */ small?: boolean
  /** What is written into cells, by their number. */ marks?: ReadonlyMap<number, string>
  /** What the wheel is called, where it is not the map of one palette. */ label?: string
}>()
const emit = defineEmits<{ choose: [cell: LatticeCell] }>()

const RADIUS = 100
const edge = (ring: number) => ((ring + 0.5) * RADIUS) / (RINGS + 0.5)
const at = (radius: number, degrees: number) => {
  const angle = (-degrees * Math.PI) / 180
  return `${(radius * Math.cos(angle)).toFixed(2)} ${(radius * Math.sin(angle)).toFixed(2)}`
}
function outline({ ring, place }: LatticeCell): string {
  if (ring === 0)
    return `M ${at(edge(0), 0)} A ${edge(0)} ${edge(0)} 0 1 0 ${at(edge(0), 180)} A ${edge(0)} ${edge(0)} 0 1 0 ${at(edge(0), 0)} Z`
  const width = 360 / cellsOfRing(ring)
  const [from, to] = [(place - 0.5) * width, (place + 0.5) * width]
  const [near, far] = [edge(ring - 1), edge(ring)]
  return `M ${at(near, from)} L ${at(far, from)} A ${far} ${far} 0 0 0 ${at(far, to)} L ${at(near, to)} A ${near} ${near} 0 0 1 ${at(near, from)} Z`
}
const cells = computed(() =>
  Array.from({ length: RINGS + 1 }, (_, ring) =>
    Array.from({ length: cellsOfRing(ring) }, (__, place) => {
      const cell = { wheel: props.wheel, ring, place }
      const number = cellNumber(cell)
      const state = props.map[number] ?? 0
      return { cell, number, state, path: outline(cell), fill: toScreen(labOfCell(cell)).hex }
    }),
  ).flat(),
)
/** What a cell is told by besides its tone: a cross where only the collection reaches it, or what is asked for. */
const written = computed(() =>
  cells.value.flatMap(({ cell, number, state }) => {
    const text = props.marks?.get(number) ?? (state === 4 && !props.still && !props.small ? '+' : '')
    const angle = (cell.place * 2 * Math.PI) / cellsOfRing(cell.ring)
    const middle = cell.ring ? (edge(cell.ring) + edge(cell.ring - 1)) / 2 : 0
    return text ? [{ number, text, x: middle * Math.cos(angle), y: 2.6 - middle * Math.sin(angle), state }] : []
  }),
)
/** A letter on its own colour: black on light wheels, white on dark ones. */
const inkOf = (state: number) => (state === 4 ? 'currentColor' : WHEELS[props.wheel]! < 55 ? 'white' : 'black')
const chosen = computed(() => cells.value.find((c) => props.selected && c.number === cellNumber(props.selected)))
const shown = computed(() => {
  const known = cells.value.filter((c) => c.state > 0 && c.state < 5)
  const reached = known.filter((c) => c.state < 4).length
  return { reached, of: known.length }
})
const title = computed(
  () =>
    props.label ??
    `Value L* ${WHEELS[props.wheel]}: ${shown.value.reached} cells reached, ${shown.value.of - shown.value.reached} only by the collection`,
)
</script>

<template>
  <svg viewBox="-104 -104 208 208" class="w-full" :aria-label="title" role="img">
    <g>
      <path
        v-for="c in cells"
        :key="c.number"
        :d="c.path"
        :fill="c.state > 0 && c.state < 4 ? c.fill : 'none'"
        stroke="currentColor"
        :stroke-opacity="c.state === 4 ? 0.75 : 0.2"
        :stroke-width="c.state === 4 ? 0.9 : 0.35"
        :class="still ? '' : 'cursor-pointer'"
        pointer-events="all"
        @click="emit('choose', c.cell)"
      >
        <title v-if="!still">
          {{ c.state === 4 ? 'only the collection' : c.state && c.state < 4 ? 'reached' : 'not reached' }}
        </title>
      </path>
    </g>
    <text
      v-for="w in written"
      :key="`x${w.number}`"
      :x="w.x"
      :y="w.y"
      text-anchor="middle"
      font-size="8"
      :fill="inkOf(w.state)"
      pointer-events="none"
      aria-hidden="true"
    >
      {{ w.text }}
    </text>
    <path v-if="chosen" :d="chosen.path" fill="none" stroke="var(--ground)" stroke-width="4" pointer-events="none" />
    <path v-if="chosen" :d="chosen.path" fill="none" stroke="var(--on-ground)" stroke-width="2" pointer-events="none" />
  </svg>
</template>
