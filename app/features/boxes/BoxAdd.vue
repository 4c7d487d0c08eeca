<script setup lang="ts">
import { CONTAINERS, type Holder, type PanSize, type Place } from '@juxtachrome/core/documents'
import { addPart, addPlaces, addRing, addRows, squeezeIn, usualSize } from '@juxtachrome/core/drawing'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, watch } from 'vue'
import { numberIn } from '~/shared/words/numberIn'
import type { BoxDrawing } from './useBoxDrawing'
import { useSettings } from '~/stores/settings'
import { useNotices } from '~/stores/notices'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import { figure } from '~/shared/words/figures'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** What is added to a drawing: rows, rings, single wells, surfaces, and one more pan squeezed in. */
const props = defineProps<{ holder: Holder; drawing: BoxDrawing }>()
const { make } = props.drawing
const notices = useNotices()
const settings = useSettings()
const SQUEEZED: readonly PanSize[] = ['half pan', 'full pan', 'quarter pan', 'godet']
const container = ref<Place['container']>('half pan')
const how = ref<'rows' | 'ring'>('rows')
const typed = ref({ rows: '1', columns: '6', width: '', height: '', depth: '', gap: '1', count: '12', across: '24' })
watch(
  container,
  (c) => {
    const { width, height, depth } = usualSize(c, settings.pans)
    Object.assign(typed.value, { width: String(width), height: String(height), depth: String(depth) })
  },
  { immediate: true },
)
const number = (key: keyof typeof typed.value) => numberIn(typed.value[key])
function add() {
  if (how.value === 'rows')
    make(`added ${counted(number('rows') * number('columns') || 0, 'place')}`, (h) =>
      addRows(h, {
        container: container.value,
        rows: number('rows'),
        columns: number('columns'),
        width: number('width'),
        height: number('height'),
        depth: number('depth'),
        gap: number('gap'),
      }),
    )
  else
    make(`added a ring of ${typed.value.count}`, (h) =>
      addRing(h, { count: number('count'), radius: number('across') / 2, depth: number('depth') }),
    )
}
function squeeze(size: PanSize) {
  make(`squeezed in a ${size}`, (h) => {
    const drawn = squeezeIn(h, size, settings.pans)
    if (drawn.ok) {
      const { mixingLost } = drawn.value
      notices.say(
        mixingLost > 0
          ? `It costs ${figure(mixingLost / 100, 1)} cm² of what is left to mix on.`
          : 'It costs nothing of what is left to mix on.',
      )
    }
    return drawn
  })
}
const FIELDS = computed(() =>
  how.value === 'rows'
    ? ([
        ['rows', 'Rows'],
        ['columns', 'In a row'],
        ['width', 'Each wide, mm'],
        ['height', 'Each high, mm'],
        ['depth', 'Depth, mm'],
        ['gap', 'Between them, mm'],
      ] as const)
    : ([
        ['count', 'Wells'],
        ['across', 'Across, mm'],
        ['depth', 'Depth, mm'],
      ] as const),
)
const PARTS = [
  ['mixing', 'Mixing surface'],
  ['slot', 'Slot'],
  ['hinge', 'Hinge'],
  ['hold', 'Thumb hole'],
] as const
const single = () =>
  make('added a place', (h) => {
    const { width, height, depth } = usualSize(container.value)
    const middle = { x: (h.width - width) / 2, y: (h.height - height) / 2 }
    return addPlaces(h, [{ kind: 'rect', ...middle, width, height, corner: 1 }], container.value, depth)
  })
</script>

<template>
  <section aria-label="Add">
    <h2>Add</h2>
    <ChoiceGroup label="As" class="mt-1 flex flex-wrap gap-1">
      <button class="choice" :aria-pressed="how === 'rows'" @click="how = 'rows'">rows</button>
      <button class="choice" :aria-pressed="how === 'ring'" @click="how = 'ring'">a ring</button>
    </ChoiceGroup>
    <form class="mt-2 grid grid-cols-2 gap-2" novalidate @submit.prevent="add">
      <ChoiceField v-if="how === 'rows'" v-model="container" label="Of" :choices="CONTAINERS" class="col-span-2" />
      <label v-for="[field, label] in FIELDS" :key="field" class="text-sm"
        >{{ label }}<input v-model="typed[field]" class="input" inputmode="decimal"
      /></label>
      <p class="col-span-2 flex flex-wrap gap-1">
        <button class="btn">Add {{ how === 'rows' ? 'these rows' : 'this ring' }}</button>
        <button v-if="how === 'rows'" type="button" class="btn" @click="single">One in the middle</button>
      </p>
    </form>
    <p class="mt-2 flex flex-wrap gap-1">
      <button
        v-for="[kind, label] in PARTS"
        :key="kind"
        class="btn"
        @click="make(`added a ${label.toLowerCase()}`, (h) => addPart(h, kind))"
      >
        {{ label }}
      </button>
    </p>
    <h3 class="mt-3">One more where there is room</h3>
    <p class="mt-1 flex flex-wrap gap-1">
      <button v-for="(size, i) in SQUEEZED" :key="size" class="btn" @click="squeeze(size)">
        {{ i ? `A ${size}` : `Squeeze in a ${size}` }}
      </button>
    </p>
  </section>
</template>
