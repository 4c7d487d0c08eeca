<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { differenceInWords, toScreen } from '@juxtachrome/core/colour'
import type { FoundRecipe } from '@juxtachrome/core/mixing'
import {
  cellNumber,
  cellsOfRing,
  chromaOfRing,
  hueOfCell,
  labOfCell,
  RINGS,
  SHOWN_WHEELS,
  WHEELS,
  type LatticeCell,
} from '@juxtachrome/core/reach'
import { computed, ref, shallowRef, watch } from 'vue'
import { useCore } from '~/shared/questions/useCore'
import { useMixtures, waterInWords } from '~/shared/swatch/useMixtures'
import { mixtureInWords } from '~/shared/words/lists'
import { useBench } from '~/stores/bench'
import { usePaintName } from '~/shared/words/paintName'
import ModalDialog from '~/shared/ui/ModalDialog.vue'
import ReachWheel from './ReachWheel.vue'
import { figure } from '~/shared/words/figures'

/** The map of what a palette reaches: hue and chroma at several values, every cell to be pointed at. */
const props = defineProps<{ palette: Palette; map: readonly number[]; near: number; at?: LatticeCell }>()
const emit = defineEmits<{ close: []; look: [paintId: string] }>()
const bench = useBench()
const { predict } = useMixtures()

const all = ref(false)
const wheels = computed(() => (all.value ? WHEELS.map((_, i) => i) : SHOWN_WHEELS))
const cell = ref<LatticeCell>(props.at ?? { wheel: SHOWN_WHEELS[1], ring: 2, place: 0 })
const state = computed(() => props.map[cellNumber(cell.value)] ?? 0)
const lab = computed(() => labOfCell(cell.value))
const nameOf = usePaintName()

const recipe = shallowRef<FoundRecipe>()
const who = shallowRef<{ id: string; size: 1 | 2 | 3 }[]>()
const busy = ref(false)
watch(
  [cell, () => props.map],
  async () => {
    const asked = cell.value
    recipe.value = undefined
    who.value = undefined
    busy.value = true
    const core = useCore()
    const found = await core.ask(
      'recipesFromPaints',
      {
        target: { kind: 'colour', lab: lab.value },
        paletteId: props.palette.id,
        most: props.palette.brief?.most ?? 3,
        count: 4,
      },
      { topic: 'map' },
    ).result
    if (asked !== cell.value) return
    if (found.ok) recipe.value = [...found.value.best].sort((p, q) => p.difference - q.difference)[0]
    if (state.value === 4) {
      const would = await core.ask('whoWould', { paletteId: props.palette.id, cell: cellNumber(asked) }).result
      if (asked === cell.value && would.ok) who.value = would.value
    }
    busy.value = false
  },
  { immediate: true },
)

const recipeColour = computed(() => recipe.value && toScreen(recipe.value.lab).hex)
const sure = computed(() => {
  if (!recipe.value) return undefined
  const mix = predict(
    recipe.value.paints.map((p) => ({ paintId: p.id, parts: p.parts })),
    recipe.value.water,
  )
  return mix.ok ? mix.value.expected.median : undefined
})
const where = computed(() => {
  const { wheel, ring } = cell.value
  const hue = ring ? `hue ${figure(hueOfCell(cell.value))}°` : 'grey'
  return `L* ${WHEELS[wheel]}, C* ${figure(chromaOfRing(ring))}, ${hue}`
})
const STATES = [
  'Nothing here reaches it',
  'Reached by one paint',
  'Reached by two paints',
  'Reached by three paints',
  'Only the collection reaches it',
  'This palette does not reach it',
]
const said = computed(() => `${where.value}. ${STATES[state.value]}.`)

/** Arrows walk on the wheel: left and right along the ring, up and down between rings, Page keys to another value. */
function key(event: KeyboardEvent) {
  const { wheel, ring, place } = cell.value
  const count = cellsOfRing(ring)
  const toRing = (next: number) => {
    const to = Math.max(0, Math.min(RINGS, next))
    return { wheel, ring: to, place: Math.round((place / count) * cellsOfRing(to)) % cellsOfRing(to) }
  }
  const toWheel = (by: number) => {
    const list = wheels.value
    const next = Math.max(0, Math.min(list.length - 1, list.indexOf(wheel) + by))
    return { wheel: list[next] ?? wheel, ring, place }
  }
  const steps: Record<string, () => LatticeCell> = {
    ArrowLeft: () => ({ wheel, ring, place: (place + 1) % count }),
    ArrowRight: () => ({ wheel, ring, place: (place + count - 1) % count }),
    ArrowUp: () => toRing(ring + 1),
    ArrowDown: () => toRing(ring - 1),
    PageUp: () => toWheel(1),
    PageDown: () => toWheel(-1),
  }
  const step = steps[event.key]
  if (!step) return
  event.preventDefault()
  cell.value = step()
}
function toBench() {
  if (!recipe.value) return
  bench.lay(
    recipe.value.paints.map((p) => ({ paintId: p.id, parts: p.parts })),
    recipe.value.water,
  )
  void navigateTo('/bench?view=mix')
}
</script>

<template>
  <ModalDialog open title="What this palette reaches" wide @close="emit('close')">
    <p class="hint mb-2">
      Hue around, chroma outward, at {{ all ? 'eight values' : 'a dark, a middle and a light value' }}. Filled cells are
      mixed here within {{ near }}; a cross marks what only the collection mixes; empty outlines nothing here reaches.
    </p>
    <div
      class="grid gap-3 bg-ground p-2 text-on-ground"
      :class="all ? 'grid-cols-2 sm:grid-cols-4' : 'grid-cols-1 sm:grid-cols-3'"
      tabindex="0"
      role="application"
      aria-label="The map: arrow keys walk on a wheel, Page Up and Page Down change the value"
      @keydown="key"
    >
      <figure v-for="w in wheels" :key="w" class="min-w-0">
        <ReachWheel
          :wheel="w"
          :map="map"
          :selected="cell.wheel === w ? cell : undefined"
          class="mx-auto max-w-56"
          @choose="cell = $event"
        />
        <figcaption class="text-center text-sm">L* {{ WHEELS[w] }}</figcaption>
      </figure>
    </div>
    <p class="hint mt-1">
      <button class="link" @click="all = !all">{{ all ? 'Show three values' : 'Show all eight values' }}</button>
    </p>
    <div
      class="sticky bottom-(--bar) -mx-1 mt-2 flex min-h-24 flex-wrap items-stretch gap-3 bg-surface px-1 py-2"
      aria-live="polite"
    >
      <div class="flex w-24 shrink-0 self-start bg-ground sm:w-40" aria-hidden="true">
        <span class="h-16 w-1/2" :style="{ background: toScreen(lab).hex }" />
        <span class="h-16 w-1/2" :style="{ background: recipeColour ?? 'none' }" />
      </div>
      <div class="min-w-0 grow basis-52">
        <p class="font-medium">{{ said }}</p>
        <p v-if="recipe" class="text-sm">
          {{ state > 0 && state < 4 ? 'Best' : 'Nearest' }} here:
          <SaidPaints :text="`${mixtureInWords(recipe.paints, paintToken)},`" /> {{ waterInWords(recipe.water) }}:
          {{ differenceInWords(recipe.difference) }}, {{ figure(recipe.difference, 1)
          }}<span v-if="sure !== undefined" class="hint">; predicted, half lie within {{ figure(sure, 1) }}</span>
        </p>
        <p v-else-if="busy" class="hint">Looking for the best mixture …</p>
        <p v-if="who?.length" class="text-sm">
          Would bring it:
          <template v-for="(w, i) in who.slice(0, 5)" :key="w.id">
            <template v-if="i">, </template>
            <button class="link" @click="emit('look', w.id)">{{ nameOf(w.id) }}</button>
          </template>
          <template v-if="who.length > 5"> and {{ who.length - 5 }} more</template>
        </p>
        <button v-if="recipe" class="link text-sm" @click="toBench">To the bench</button>
      </div>
    </div>
  </ModalDialog>
</template>
