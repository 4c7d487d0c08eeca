<script setup lang="ts">
import { holderFromPacking, type Packing, type TinPacked } from '@juxtachrome/core/arranging'
import { counted } from '@juxtachrome/core/units'
import { computed, ref, shallowRef, watch } from 'vue'
import { useBoxCommands } from './commands'
import { useSettings } from '~/stores/settings'
import { numberIn } from '~/shared/words/numberIn'
import { useQuestion } from '~/shared/questions/useQuestion'
import ChoiceField from '~/shared/ui/ChoiceField.vue'
import { figure } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'
import ChoiceGroup from '~/shared/ui/ChoiceGroup.vue'

/** How many half pans, full pans or both fit into a tin, drawn to scale; any of them becomes a box. */
const commands = useBoxCommands()
const router = useRouter()
const typed = ref({ width: '140', height: '70', gap: '0', freeWidth: '', freeHeight: '' })
const { 'half pan': half, 'full pan': full } = useSettings().pans
const sizes = ref({
  halfWidth: String(half.width),
  halfHeight: String(half.height),
  fullWidth: String(full.width),
  fullHeight: String(full.height),
})
const corner = ref<'upper left' | 'upper right' | 'lower left' | 'lower right' | 'middle'>('lower right')
const CORNERS = ['upper left', 'upper right', 'lower left', 'lower right', 'middle'] as const
const question = useQuestion('packTin')
const { isWorking, trouble } = question
const packed = shallowRef<TinPacked>()
const tin = shallowRef<{
  width: number
  height: number
  keepFree?: { x: number; y: number; width: number; height: number }
}>()
const done = ref(0)
const at = ref(0)

const of = (text: string) => numberIn(text)
function keptFree(width: number, height: number) {
  if (!typed.value.freeWidth.trim() && !typed.value.freeHeight.trim()) return undefined
  const [w, h] = [of(typed.value.freeWidth), of(typed.value.freeHeight)]
  const isLeft = corner.value.includes('left')
  const isTop = corner.value.includes('upper')
  const [x, y] =
    corner.value === 'middle' ? [(width - w) / 2, (height - h) / 2] : [isLeft ? 0 : width - w, isTop ? 0 : height - h]
  return { x, y, width: w, height: h }
}
const complaint = ref('')
async function ask() {
  const [width, height] = [of(typed.value.width), of(typed.value.height)]
  const keepFree = keptFree(width, height)
  const numbers = [
    width,
    height,
    of(typed.value.gap),
    ...Object.values(sizes.value).map(of),
    ...Object.values(keepFree ?? {}),
  ]
  complaint.value = numbers.every(Number.isFinite)
    ? ''
    : 'Every length is a number of millimetres, such as 140 or 62.5.'
  if (complaint.value) return
  tin.value = { width, height, ...(keepFree ? { keepFree } : {}) }
  done.value = 0
  at.value = 0
  packed.value = undefined
  const answer = await question.ask(
    {
      ...tin.value,
      gap: of(typed.value.gap),
      half: { width: of(sizes.value.halfWidth), height: of(sizes.value.halfHeight) },
      full: { width: of(sizes.value.fullWidth), height: of(sizes.value.fullHeight) },
    },
    (p) => {
      done.value = p.done
      if (p.soFar) packed.value = p.soFar
    },
  )
  if (answer) packed.value = answer
}
const inWords = ({ half, full }: Packing) =>
  [full ? counted(full, 'full pan') : '', half ? counted(half, 'half pan') : ''].filter(Boolean).join(' and ') ||
  'nothing'
const ways = computed(() => {
  const p = packed.value
  return p ? [p.onlyHalf, p.onlyFull, ...p.mixed] : []
})
const shown = computed(() => ways.value[at.value])
watch(ways, (list) => {
  if (at.value >= list.length) at.value = 0
})
const mostInWords = (p: Packing) =>
  p.atMost === undefined
    ? 'The best of two fields side by side.'
    : p.pans.length >= p.atMost
      ? 'More cannot fit: proven by the area.'
      : `No better was found; more than ${p.atMost} cannot fit.`
function toBox() {
  if (!shown.value || !tin.value) return
  const holder = holderFromPacking('new', `Tin for ${inWords(shown.value)}`, tin.value, shown.value)
  const id = holder.places.length ? commands.draw(holder) : undefined
  if (id) void router.push(`/boxes/${id}`)
}
</script>

<template>
  <div class="grid gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
    <form class="panel grid grid-cols-2 content-start gap-2 p-3" novalidate @submit.prevent="ask">
      <label class="text-sm">Inside, width mm<input v-model="typed.width" class="input" inputmode="decimal" /></label>
      <label class="text-sm">Inside, height mm<input v-model="typed.height" class="input" inputmode="decimal" /></label>
      <label class="col-span-2 text-sm"
        >Between pans, mm<input v-model="typed.gap" class="input" inputmode="decimal"
      /></label>
      <p class="col-span-2 mt-1 text-sm font-medium">Kept free to mix on, if anything</p>
      <label class="text-sm">Width, mm<input v-model="typed.freeWidth" class="input" inputmode="decimal" /></label>
      <label class="text-sm">Height, mm<input v-model="typed.freeHeight" class="input" inputmode="decimal" /></label>
      <ChoiceField v-model="corner" label="Where" :choices="CORNERS" class="col-span-2" />
      <details class="col-span-2 text-sm">
        <summary>Sizes of pans</summary>
        <div class="mt-1 grid grid-cols-2 gap-2">
          <label>Half pan, width<input v-model="sizes.halfWidth" class="input" inputmode="decimal" /></label>
          <label>Half pan, height<input v-model="sizes.halfHeight" class="input" inputmode="decimal" /></label>
          <label>Full pan, width<input v-model="sizes.fullWidth" class="input" inputmode="decimal" /></label>
          <label>Full pan, height<input v-model="sizes.fullHeight" class="input" inputmode="decimal" /></label>
        </div>
        <p class="hint mt-1">Outer sizes; makers differ by a millimetre, so measure one of yours.</p>
      </details>
      <p class="col-span-2 flex gap-2">
        <button class="btn btn-primary">How many fit?</button>
        <button v-if="isWorking" type="button" class="btn" @click="question.cancel()">That will do</button>
      </p>
      <Refusal v-if="complaint || trouble" class="col-span-2" :says="complaint || trouble" />
    </form>
    <section v-if="packed && tin && shown" aria-label="What fits" class="min-w-0">
      <ChoiceGroup class="mb-2 flex flex-wrap gap-1" label="Which pans">
        <button v-for="(p, i) in ways" :key="i" class="choice" :aria-pressed="at === i" @click="at = i">
          {{ inWords(p) }}
        </button>
      </ChoiceGroup>
      <svg
        role="img"
        :aria-label="`${inWords(shown)} in ${tin.width} by ${tin.height} mm`"
        :viewBox="`-1 -1 ${tin.width + 2} ${tin.height + 2}`"
        class="mx-auto block w-full text-edge"
        :style="{ maxWidth: `calc((100dvh - 20rem) * ${tin.width / tin.height})` }"
        stroke="currentColor"
        stroke-width="0.5"
      >
        <rect :width="tin.width" :height="tin.height" rx="2" class="fill-surface" />
        <rect v-if="tin.keepFree" v-bind="tin.keepFree" class="fill-bg" stroke-dasharray="2 1.4" />
        <rect
          v-for="(b, i) in shown.pans"
          :key="i"
          :x="b.x"
          :y="b.y"
          :width="b.width"
          :height="b.height"
          rx="1"
          vector-effect="non-scaling-stroke"
          stroke-width="1.2"
          :class="b.size === 'half pan' ? 'fill-sunken' : 'fill-ground'"
        />
      </svg>
      <p class="mt-2" role="status">
        <strong class="font-semibold">{{ inWords(shown) }}</strong>, {{ figure(shown.spare.right, 1) }} mm to spare at
        the right, {{ figure(shown.spare.below, 1) }} mm below.
        {{ isWorking ? 'Looking for a better one …' : mostInWords(shown) }}
      </p>
      <WorkingBar v-if="isWorking" class="max-w-md" :done="done" label="How far it is" />
      <p class="mt-2"><button class="btn" @click="toBox">Make it a box</button></p>
    </section>
    <p v-else class="hint">
      Measure a tin's inside: the pans that fit are counted in every way that pays, upright and lying, half and full,
      and drawn to scale.
    </p>
  </div>
</template>
