<script setup lang="ts">
import { type Paint, type Palette, type PlaceShape, planAt } from '@juxtachrome/core/documents'
import { isOut } from '@juxtachrome/core/filling'
import { mainPaintOf, portionsOf, topPaintOf, type Content, type PaletteState } from '@juxtachrome/core/ledger'
import { boxOf, placeToward } from '@juxtachrome/core/arranging'
import { computed, nextTick, ref, watch } from 'vue'
import type { Carry } from './useCarry'
import { actOnTray, type TrayAct } from '~/shared/keys/trayKeys'
import type { LensCell } from './lens'
import { useCollection } from '~/stores/collection'
import TrayPlace from './TrayPlace.vue'

/** A palette at true proportions: the same drawing in every step. */
const props = defineProps<{
  palette: Palette
  state: PaletteState
  today: string
  carry?: Carry
  selected?: string
  changed?: string[]
  label: string
  still?: boolean
  /** How the paint at a place looks through the lens that was chosen. */
  seen?: (paint: Paint, placeId: string) => LensCell | undefined
}>()
const emit = defineEmits<{ select: [placeId: string]; clear: [placeId: string]; lock: [placeId: string] }>()
const collection = useCollection()
const tray = ref<HTMLElement>()
const current = ref(props.selected ?? props.palette.holder.places[0]!.id)
watch(
  () => props.selected,
  (id) => {
    if (id) current.value = id
  },
)
watch(
  () => props.palette.id,
  () => {
    current.value = props.palette.holder.places[0]!.id
  },
)

/** The paint on top, where another lies below it. */
function overIn(content: Content | undefined) {
  if (!content) return undefined
  const top = topPaintOf(content)
  const below = portionsOf(content).find((p) => p.paintId !== top)
  return below && { top: collection.paint(top), below: collection.paint(below.paintId) }
}
const seenAt = (placeId: string, paint: Paint | undefined) => (paint ? props.seen?.(paint, placeId) : undefined)
const cells = computed(() =>
  props.palette.holder.places.map((place) => {
    const plan = planAt(props.palette, place.id)
    const here = props.state.get(place.id)
    const content = here?.content
    return {
      place,
      bare: isOut(props.state, place.id),
      plan,
      planned: collection.paint(plan?.paintId),
      content,
      lying: collection.paint(content && mainPaintOf(content)),
      over: overIn(content),
      seen: seenAt(place.id, collection.paint((content && mainPaintOf(content)) ?? plan?.paintId)),
    }
  }),
)
/** On a small screen the tray scrolls sideways rather than shrink its wells below what a finger can hit. */
const roomy = computed(() => {
  const { holder } = props.palette
  const narrowest = Math.min(
    ...holder.places.map(({ shape }) => {
      const { width, height } = boxOf(shape)
      return Math.min(width, height)
    }),
  )
  return `${Math.ceil((holder.width * 44) / narrowest)}px`
})
const partStyle = (shape: PlaceShape) => {
  const { x, y, width, height } = boxOf(shape)
  const { holder } = props.palette
  return {
    left: `${(x / holder.width) * 100}%`,
    top: `${(y / holder.height) * 100}%`,
    width: `${(width / holder.width) * 100}%`,
    height: `${(height / holder.height) * 100}%`,
  }
}

async function focusPlace(id: string) {
  current.value = id
  props.carry?.aimAt(id)
  await nextTick()
  tray.value?.querySelector<HTMLElement>(`[data-place="${CSS.escape(id)}"]`)?.focus()
}
defineExpose({ focusPlace })

function carriedFrom(id: string) {
  const plan = planAt(props.palette, id)
  if (plan?.locked || (!plan?.paintId && plan?.reserved === undefined)) return undefined
  return { kind: 'place' as const, id, name: collection.paint(plan.paintId)?.name ?? 'the reservation' }
}
function press(event: PointerEvent, id: string) {
  const what = carriedFrom(id)
  if (what) props.carry?.press(event, what)
}
function click(id: string) {
  if (props.carry?.endsDrag()) return
  current.value = id
  if (props.carry?.carried.value) props.carry.dropOn({ kind: 'place', id })
  else emit('select', id)
}

function key(event: KeyboardEvent, id: string) {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const act = actOnTray(event.key)
  if (!act || (act === 'putBack' && !props.carry?.carried.value)) return
  perform(act, id)
  event.preventDefault()
  event.stopPropagation()
}
function perform(act: TrayAct, id: string) {
  const { carry } = props
  if (act === 'carry') carryAt(id)
  else if (act === 'open') click(id)
  else if (act === 'putBack') carry?.putBack()
  else if (act === 'clear') emit('clear', id)
  else if (act === 'lock') emit('lock', id)
  else void focusPlace(placeToward(props.palette.holder, id, act))
}
function carryAt(id: string) {
  const { carry } = props
  if (carry?.carried.value) return carry.dropOn({ kind: 'place', id })
  const what = carriedFrom(id)
  if (!carry) emit('select', id)
  else if (what) carry.pickUp(what, id)
}
</script>

<template>
  <div class="max-sm:overflow-x-auto" :tabindex="still ? undefined : -1">
    <div
      ref="tray"
      role="group"
      :aria-label="label"
      class="tray relative mx-auto w-full border-2 border-edge bg-surface"
      :class="palette.holder.outline === 'ring' ? 'rounded-full' : 'rounded-lg'"
      :style="{
        '--roomy': roomy,
        aspectRatio: `${palette.holder.width} / ${palette.holder.height}`,
        maxWidth: `calc((100dvh - 15rem) * ${palette.holder.width / palette.holder.height})`,
      }"
    >
      <span
        v-for="(part, i) in palette.holder.parts"
        :key="i"
        class="absolute"
        aria-hidden="true"
        :style="partStyle(part.shape)"
        :class="[
          part.kind === 'hinge' ? 'bg-edge' : 'border border-line bg-bg',
          part.shape.kind === 'circle' ? 'rounded-full' : 'rounded-md',
        ]"
      />
      <TrayPlace
        v-for="cell in cells"
        :key="cell.place.id"
        v-bind="cell"
        :holder="palette.holder"
        :today="today"
        :selected="selected === cell.place.id"
        :marked="carry?.over.value === cell.place.id"
        :changed="changed?.includes(cell.place.id)"
        :tabindex="current === cell.place.id ? 0 : -1"
        @focus="current = cell.place.id"
        @pointerdown="press($event, cell.place.id)"
        @click="click(cell.place.id)"
        @keydown="key($event, cell.place.id)"
        @contextmenu="carry?.carried.value && $event.preventDefault()"
      />
      <slot />
    </div>
  </div>
</template>

<style scoped>
@media (max-width: 639px) {
  .tray {
    min-width: var(--roomy);
    max-width: none !important;
  }
}
</style>
