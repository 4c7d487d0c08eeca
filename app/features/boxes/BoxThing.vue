<script setup lang="ts">
import { CONTAINERS, type Holder, type Place, type PlaceShape } from '@juxtachrome/core/documents'
import { boxOf } from '@juxtachrome/core/arranging'
import { renamePlace, settlePlaces, shapeOf, shapeThing } from '@juxtachrome/core/drawing'
import { computed, ref, watch } from 'vue'
import { numberIn } from '~/shared/words/numberIn'
import type { BoxDrawing } from './useBoxDrawing'
import type { Redraw } from './commands'
import Refusal from '~/shared/ui/Refusal.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** What is chosen in a drawing, in typed millimetres. */
const props = defineProps<{ holder: Holder; drawing: BoxDrawing; redraw: Redraw }>()
const { things, chosen, choose, act, make } = props.drawing
const one = computed(() =>
  chosen.value.length === 1 ? things.value.find((t) => t.key === chosen.value[0]) : undefined,
)
const place = computed(() => (one.value && 'place' in one.value ? one.value.place : undefined))
const places = computed(() => chosen.value.filter((k) => props.holder.places.some((p) => p.id === k)))

const round = (n: number) => String(Math.round(n * 100) / 100)
const typed = ref({ x: '', y: '', width: '', height: '' })
const name = ref('')
const depth = ref('')
watch(
  one,
  (thing) => {
    if (!thing) return
    const b = boxOf(shapeOf(thing))
    typed.value = { x: round(b.x), y: round(b.y), width: round(b.width), height: round(b.height) }
    name.value = place.value?.id ?? ''
    depth.value = round(place.value?.depth ?? 0)
  },
  { immediate: true },
)
const trouble = ref('')
function shapeIn(shape: PlaceShape): PlaceShape | undefined {
  const { x, y, width, height } = Object.fromEntries(
    Object.entries(typed.value).map(([k, v]) => [k, numberIn(v)]),
  ) as Record<'x' | 'y' | 'width' | 'height', number>
  if (![x, y, width, height].every(Number.isFinite) || width <= 0 || height <= 0) return undefined
  return shape.kind === 'circle'
    ? { ...shape, x: x + width / 2, y: y + width / 2, radius: width / 2 }
    : { ...shape, x, y, width, height }
}
function save() {
  const thing = one.value
  if (!thing) return
  const shape = shapeIn(shapeOf(thing))
  const deep = numberIn(depth.value)
  trouble.value = !shape
    ? 'Lengths are numbers of millimetres, widths above 0.'
    : place.value && !(deep >= 0.5 && deep <= 60)
      ? 'A depth of 0.5 to 60 mm.'
      : ''
  if (trouble.value || !shape) return
  const key = thing.key
  const isPlace = place.value !== undefined
  make(`changed ${isPlace ? key : 'a part'}`, (h) => {
    const shaped = shapeThing(h, key, shape)
    if (!shaped.ok || !isPlace) return shaped
    const deeper = settlePlaces(shaped.value.holder, [key], { depth: deep })
    return deeper.ok ? renamePlace(deeper.value.holder, key, name.value) : deeper
  })
}
const settle = (container: Place['container']) =>
  props.redraw(
    `made ${places.value.length === 1 ? places.value[0] : `${places.value.length} places`} a ${container}`,
    (h) => settlePlaces(h, places.value, { container }),
  )
const FIELDS = [
  ['x', 'From the left'],
  ['y', 'From the top'],
  ['width', 'Width'],
  ['height', 'Height'],
] as const
const isRound = computed(() => one.value && shapeOf(one.value).kind === 'circle')
</script>

<template>
  <section aria-label="What is chosen">
    <label class="block text-sm"
      >Chosen
      <select
        class="input"
        :value="one?.key ?? ''"
        @change="choose([($event.target as HTMLSelectElement).value].filter(Boolean))"
      >
        <option value="">{{ chosen.length > 1 ? `${chosen.length} things` : 'nothing yet' }}</option>
        <option v-for="t in things" :key="t.key" :value="t.key">
          {{
            'place' in t
              ? `${t.key}, ${t.place.container}`
              : `${t.part.kind === 'hold' ? 'thumb hole' : t.part.kind} ${t.key}`
          }}
        </option>
      </select>
    </label>
    <p v-if="chosen.length" class="mt-2 flex flex-wrap gap-1">
      <button class="btn" @click="act.double()">Double</button>
      <button class="btn" @click="act.turn()">Turn</button>
      <button class="btn" @click="act.remove()">Take out</button>
    </p>
    <ChoiceGroup v-if="places.length" label="Takes" class="mt-2 flex flex-wrap gap-1">
      <button
        v-for="c in CONTAINERS"
        :key="c"
        class="choice"
        :aria-pressed="place ? place.container === c : false"
        @click="settle(c)"
      >
        {{ c }}
      </button>
    </ChoiceGroup>
    <form v-if="one" class="mt-2 grid grid-cols-2 gap-2" novalidate @submit.prevent="save">
      <label v-if="place" class="text-sm">Name<input v-model="name" class="input" maxlength="12" /></label>
      <label v-if="place" class="text-sm">Depth, mm<input v-model="depth" class="input" inputmode="decimal" /></label>
      <template v-for="[field, label] in FIELDS" :key="field">
        <label v-if="!(isRound && field === 'height')" class="text-sm"
          >{{ isRound && field === 'width' ? 'Across' : label }}, mm<input
            v-model="typed[field]"
            class="input"
            inputmode="decimal"
        /></label>
      </template>
      <button class="btn col-span-2 justify-self-start">Change it</button>
      <Refusal v-if="trouble" class="col-span-2" :says="trouble" />
    </form>
    <p v-else class="hint mt-2 text-sm">Choose a well or a part: by a tap, or with N and P.</p>
  </section>
</template>
