<script setup lang="ts">
import type { Holder } from '@juxtachrome/core/documents'
import { type HolderProblem, shapeOf, type Thing } from '@juxtachrome/core/drawing'
import { boxOf } from '@juxtachrome/core/arranging'
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import type { BoxDrawing } from './useBoxDrawing'
import { actOnBox } from '~/shared/keys/boxKeys'

/** A box to scale: what is in it is chosen, moved and turned by pointer, touch and keys. */
const props = defineProps<{
  holder: Holder
  drawing: BoxDrawing
  problems: readonly HolderProblem[]
  used: ReadonlySet<string>
}>()
const { things, chosen, focused, offset, lines, press, perform } = props.drawing
const svg = ref<SVGSVGElement>()
const { width } = useElementSize(svg)
// a finger on a well moves the well, both ways; beside the wells it moves the page
useEventListener(
  svg,
  'touchstart',
  (event: TouchEvent) => {
    if ((event.target as Element).closest('[data-thing]')) event.preventDefault()
  },
  { passive: false },
)
const MARGIN = 6
const scale = () => width.value / (props.holder.width + 2 * MARGIN)
const wrong = computed(() => new Set(props.problems.flatMap((p) => p.keys)))
const at = (thing: Thing) => {
  const b = boxOf(shapeOf(thing))
  const { dx, dy } = chosen.value.includes(thing.key) ? offset.value : { dx: 0, dy: 0 }
  return { ...b, x: b.x + dx, y: b.y + dy }
}
const PARTS = { mixing: 'mixing surface', slot: 'slot', hinge: 'hinge', hold: 'thumb hole' } as const
const nameOf = (thing: Thing) => ('place' in thing ? thing.key : PARTS[thing.part.kind])
function words(thing: Thing): string {
  const { x, y, width: w, height: h } = boxOf(shapeOf(thing))
  const kind = 'place' in thing ? `, ${thing.place.container}` : ''
  const mm = (n: number) => String(Math.round(n * 10) / 10)
  const lies = `${mm(w)} by ${mm(h)} mm, ${mm(x)} from the left, ${mm(y)} from the top`
  return `${nameOf(thing)}${kind}: ${lies}${props.used.has(thing.key) ? '; in use' : ''}`
}
async function key(event: KeyboardEvent, thing: Thing) {
  if (event.ctrlKey || event.metaKey) return
  const act = actOnBox(event.key)
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  perform(act, thing.key, event.altKey ? 0.1 : event.shiftKey ? 5 : 1)
  await nextTick()
  svg.value?.querySelector<SVGElement>(`[data-thing="${CSS.escape(focused.value ?? '')}"]`)?.focus()
}
</script>

<template>
  <svg
    ref="svg"
    role="group"
    :aria-label="`Drawing of ${holder.name}`"
    class="box-drawing mx-auto block w-full touch-pan-y select-none text-edge"
    :style="{ maxWidth: `calc((100dvh - 21rem - var(--strip)) * ${holder.width / holder.height})` }"
    :viewBox="`${-MARGIN} ${-MARGIN} ${holder.width + 2 * MARGIN} ${holder.height + 2 * MARGIN}`"
  >
    <circle
      v-if="holder.outline === 'ring'"
      :cx="holder.width / 2"
      :cy="holder.height / 2"
      :r="holder.width / 2"
      class="outline-of-box"
    />
    <rect v-else :width="holder.width" :height="holder.height" rx="4" class="outline-of-box" />
    <g
      v-for="thing in [...things].reverse()"
      :key="thing.key"
      role="button"
      :data-thing="thing.key"
      :aria-label="words(thing)"
      :aria-pressed="chosen.includes(thing.key)"
      :tabindex="focused === thing.key ? 0 : -1"
      class="thing"
      :class="[
        'place' in thing ? thing.place.container.replace(' ', '-') : thing.part.kind,
        chosen.includes(thing.key) ? 'chosen' : '',
        wrong.has(thing.key) ? 'wrong' : '',
        used.has(thing.key) ? 'used' : '',
      ]"
      @pointerdown="press($event, thing.key, scale)"
      @keydown="key($event, thing)"
    >
      <title>{{ words(thing) }}</title>
      <ellipse
        v-if="shapeOf(thing).kind === 'circle'"
        :cx="at(thing).x + at(thing).width / 2"
        :cy="at(thing).y + at(thing).height / 2"
        :rx="at(thing).width / 2"
        :ry="at(thing).height / 2"
      />
      <rect v-else v-bind="at(thing)" :rx="Math.min(4, 'corner' in shapeOf(thing) ? 2 : 0)" />
      <text
        v-if="at(thing).height > 5"
        :x="at(thing).x + at(thing).width / 2"
        :y="at(thing).y + at(thing).height / 2"
        :font-size="Math.min('place' in thing ? 7 : 5, (1.7 * at(thing).width) / Math.max(4, nameOf(thing).length))"
      >
        {{ nameOf(thing) }}
      </text>
    </g>
    <line
      v-if="lines.x !== undefined"
      :x1="lines.x"
      :x2="lines.x"
      :y1="-MARGIN"
      :y2="holder.height + MARGIN"
      class="snap"
    />
    <line
      v-if="lines.y !== undefined"
      :y1="lines.y"
      :y2="lines.y"
      :x1="-MARGIN"
      :x2="holder.width + MARGIN"
      class="snap"
    />
  </svg>
</template>

<style scoped>
.outline-of-box {
  fill: var(--surface);
  stroke: var(--edge);
  stroke-width: 0.8;
}
.thing {
  cursor: grab;
  touch-action: none;
}
.thing :is(rect, ellipse) {
  fill: var(--sunken);
  stroke: var(--edge);
  stroke-width: 0.5;
}
.thing:is(.half-pan, .full-pan, .quarter-pan, .godet) :is(rect, ellipse) {
  fill: var(--ground);
}
.thing.used :is(rect, ellipse) {
  fill: var(--line);
}
.thing.mixing :is(rect, ellipse) {
  fill: var(--bg);
  stroke-dasharray: 2 1.4;
}
.thing.hold ellipse {
  fill: var(--bg);
}
.thing.chosen :is(rect, ellipse) {
  stroke: var(--accent);
  stroke-width: 1.4;
  stroke-dasharray: none;
}
.thing.wrong :is(rect, ellipse) {
  stroke: var(--trouble);
  stroke-width: 1.2;
  stroke-dasharray: 1.5 1;
}
.thing:focus-visible {
  outline: none;
}
.thing:focus-visible :is(rect, ellipse) {
  stroke: var(--accent);
  stroke-width: 2.2;
}
.thing text {
  fill: var(--text);
  text-anchor: middle;
  dominant-baseline: central;
  pointer-events: none;
}
:is(.half-pan, .full-pan, .quarter-pan, .godet) text {
  fill: var(--on-ground);
}
.snap {
  stroke: var(--accent);
  stroke-width: 0.4;
  stroke-dasharray: 2 1;
}
</style>
