<script setup lang="ts">
import type { FillEvent, Palette } from '@juxtachrome/core/documents'
import { capacityOf, drawFor, remindersAt } from '@juxtachrome/core/filling'
import { leftIn, mainPaintOf } from '@juxtachrome/core/ledger'
import { computed, ref } from 'vue'
import { useFillCommands } from './commands'
import { useItemWords } from '~/shared/words/itemWords'
import { useAtTheTable } from '~/shared/ui/useAtTheTable'
import { useBalances } from '~/shared/items/useBalances'
import { type FillingPlanned, useDrying } from './useFillingPlan'
import { screenSwatch } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'
import FillFrom from './FillFrom.vue'
import LevelPicture from './LevelPicture.vue'
import PaletteTray from '~/shared/tray/PaletteTray.vue'
import { inMl } from '~/shared/words/figures'

/**
 * A filling, one step at a time, for wet hands: what is done is recorded and gone from the list, so that it can be left
 * and gone on with at any time. The screen stays awake.
 */
const props = defineProps<{ palette: Palette; planned: FillingPlanned }>()
const emit = defineEmits<{ leave: [] }>()
const collection = useCollection()
const undo = useUndo()
const filling = useFillCommands(() => props.palette.id)
const { itemInWords } = useItemWords()
const { left } = useBalances()
const { daysToDry } = useDrying()
const { plan, today, from, chooseFrom } = props.planned
const state = computed(() => collection.ledger.places(props.palette.id))
/** What is due today: layers of later days wait. */
const due = computed(() =>
  plan.value.ok ? plan.value.value.steps.filter((s) => (s.layers[0]?.draws.length ?? 0) > 0) : [],
)
const later = ref<string[]>([])
const placeId = ref<string>()
const step = computed(() => due.value.find((s) => s.placeId === placeId.value) ?? next())
const next = () => due.value.find((s) => !later.value.includes(s.placeId)) ?? due.value[0]
const begun = due.value.length
const done = ref(0)
const paint = computed(() => collection.paint(step.value?.paintId))
const colour = computed(() => paint.value && screenSwatch(paint.value).stops[0])
const layer = computed(() => step.value?.layers[0])
const place = computed(() => props.palette.holder.places.find((p) => p.id === step.value?.placeId))
/** What goes in otherwise than planned, once a hand has changed it. */
const changed = ref<{ placeId: string; millilitres: number }>()
const millilitres = computed(() =>
  changed.value && changed.value.placeId === step.value?.placeId
    ? changed.value.millilitres
    : (layer.value?.millilitres ?? 0),
)
const drawn = computed(() =>
  layer.value && step.value && millilitres.value !== layer.value.millilitres
    ? drawFor(
        { itemsOf: collection.itemsOf, left },
        paint.value ?? { id: step.value.paintId },
        millilitres.value,
        from(step.value.placeId),
      )
    : { draws: layer.value?.draws ?? [], missing: 0 },
)
const items = computed(() => drawn.value.draws.flatMap((d) => collection.item(d.itemId) ?? []) ?? [])
const lying = computed(() => state.value.get(step.value?.placeId ?? '')?.content)
const level = computed(() => {
  if (!place.value) return { now: 0, to: 0 }
  const brim = capacityOf(place.value)
  const now = lying.value
    ? Math.min(1, (leftIn(lying.value, props.planned.practice.value.touch) * props.planned.practice.value.dried) / brim)
    : 0
  return { now, to: Math.min(1, now + millilitres.value / brim) }
})
/** So much more or less goes in, a tenth at the least and not over the brim. */
function change(by: number) {
  if (!step.value || !place.value || step.value.putIn) return
  const room = Math.floor(capacityOf(place.value) * (1 - level.value.now) * 10) / 10
  const wanted = Math.round((millilitres.value + by) * 10) / 10
  changed.value = { placeId: step.value.placeId, millilitres: Math.max(0.1, Math.min(room, wanted)) }
}
const FAR = [
  [0.2, 'to a smear'],
  [0.42, 'to a third of the brim'],
  [0.58, 'to half the brim'],
  [0.72, 'to two thirds of the brim'],
  [0.9, 'to a little below the brim'],
] as const
const far = computed(() => FAR.find(([most]) => level.value.to <= most)?.[1] ?? 'to the brim')
const reminders = computed(() => {
  if (!step.value || !paint.value) return { before: [], during: [], after: [] }
  const own = new Set(items.value.map((i) => i.id))
  return remindersAt({
    paint: paint.value,
    items: items.value,
    isFirst: done.value === 0,
    isLast: due.value.length === 1,
    isNew: (state.value.get(step.value.placeId)?.stays.length ?? 0) === 0,
    isOver: Boolean(lying.value && mainPaintOf(lying.value) !== step.value.paintId),
    isLastOfTube: due.value.every(
      (s) => s.placeId === step.value!.placeId || !s.layers[0]?.draws.some((d) => own.has(d.itemId)),
    ),
  })
})
function record() {
  const now = step.value
  if (!now || !place.value || drawn.value.draws.length === 0) return
  const days = now.putIn ? 0 : daysToDry(place.value, millilitres.value, now.paintId)
  const vessel = filling.vesselIn({ paletteId: props.palette.id, placeId: now.placeId })
  const events = drawn.value.draws.map((d): FillEvent => ({
    kind: 'fill',
    day: today.value,
    vessel,
    itemId: d.itemId,
    paintId: now.paintId,
    millilitres: d.millilitres,
    dryingDays: days,
    ...(now.layers.length > 1 ? { more: now.layers.length - 1 } : {}),
  }))
  if (filling.pour(events)) return
  done.value += 1
  changed.value = undefined
  placeId.value = undefined
}
function skip() {
  if (step.value) later.value = [...later.value.filter((id) => id !== step.value!.placeId), step.value.placeId]
  placeId.value = undefined
}
function back() {
  undo.undo()
  done.value = Math.max(0, done.value - 1)
}
const { main } = useAtTheTable(step, {
  ArrowRight: record,
  ArrowDown: skip,
  '+': () => change(0.1),
  '-': () => change(-0.1),
})
</script>

<template>
  <section aria-label="Filling day" class="mx-auto w-full max-w-6xl p-3">
    <div class="flex flex-wrap items-center gap-3">
      <p class="hint grow" role="status">
        {{ done }} done, {{ due.length }} to go{{ begun && !due.length ? ': that was all' : '' }}
      </p>
      <button v-if="done" class="btn min-h-15" @click="back">That was wrong: take it back</button>
      <button class="btn min-h-15" @click="emit('leave')">Leave it for now</button>
    </div>
    <div v-if="step && layer && paint" class="mt-3 grid gap-4 lg:grid-cols-2">
      <div>
        <p class="flex items-center gap-4">
          <strong class="text-6xl font-semibold">{{ step.placeId }}</strong>
          <span class="min-w-0"
            ><span class="block text-3xl leading-tight">{{ collection.called(paint) }}</span
            ><span class="hint text-lg">{{
              [paint.maker, paint.pigments.join(' ')].filter(Boolean).join(' · ')
            }}</span></span
          >
        </p>
        <div class="mt-4 flex flex-wrap items-center gap-4 sm:flex-nowrap">
          <LevelPicture :now="level.now" :to="level.to" :colour="colour" class="w-28 shrink-0 sm:w-40" />
          <p class="min-w-40 grow basis-0 text-2xl leading-snug">
            {{ step.putIn ? 'Put the pan in, as it is' : `${inMl(millilitres)}, ${far}`
            }}<span v-if="step.layers.length > 1" class="hint block text-lg"
              >the first of {{ step.layers.length }} layers still to come</span
            >
          </p>
          <span v-if="!step.putIn" class="flex shrink-0 gap-2" data-repeats
            ><button class="btn size-15 text-2xl" aria-label="0.1 ml less" @click="change(-0.1)">−</button
            ><button class="btn size-15 text-2xl" aria-label="0.1 ml more" @click="change(0.1)">+</button></span
          >
        </div>
        <p v-for="d in drawn.draws" :key="d.itemId" class="mt-2 text-xl">
          {{ drawn.draws.length > 1 ? `${inMl(d.millilitres)} from` : 'From' }} the
          {{ collection.item(d.itemId) ? itemInWords(collection.item(d.itemId)!) : 'tube' }}
        </p>
        <FillFrom
          class="mt-2"
          large
          :paint-id="step.paintId"
          :place-id="step.placeId"
          :drawn="drawn.draws[0]?.itemId"
          @choose="chooseFrom(step.placeId, $event)"
        />
        <p v-if="drawn.missing" class="refusal mt-2" role="alert">
          The tube does not hold it: {{ inMl(drawn.missing) }} are in none. What there is goes in.
        </p>
        <ul class="mt-4 space-y-1 text-lg" aria-label="To mind">
          <li
            v-for="t in [...reminders.before, ...reminders.during, ...reminders.after]"
            :key="t"
            class="border-l-4 border-line pl-3"
          >
            {{ t }}
          </li>
        </ul>
        <div class="mt-5 grid grid-cols-[2fr_1fr] gap-3">
          <button ref="main" class="btn btn-primary min-h-20 text-2xl" data-repeats @click="record">Done, next</button>
          <button class="btn min-h-20 text-xl" @click="skip">Later</button>
        </div>
        <p class="hint mt-1">
          Enter or → : done, next. ↓ : later. + and − : a tenth more or less. Any place can be tapped to be filled now.
        </p>
      </div>
      <PaletteTray
        :palette="palette"
        :state="state"
        :today="today"
        :selected="step.placeId"
        :label="`Where it goes: ${step.placeId}`"
        @select="placeId = $event"
      />
    </div>
    <div v-else class="mt-4">
      <p class="text-2xl">{{ done ? 'Everything that was due is filled.' : 'Nothing is due today.' }}</p>
      <p class="mt-2">
        Keep wet pans level, and covered from dust but airy; shut the box only when all is dry, or it grows mould. Wash
        your hands.
      </p>
      <PaletteTray class="mt-4" :palette="palette" :state="state" :today="today" :label="palette.name" still />
    </div>
  </section>
</template>
