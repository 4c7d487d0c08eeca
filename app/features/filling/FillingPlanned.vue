<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { Palette } from '@juxtachrome/core/documents'
import { capacityOf, type FillingPlan, type FillingStep } from '@juxtachrome/core/filling'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed } from 'vue'
import { useItemWords } from '~/shared/words/itemWords'
import { usePaintName } from '~/shared/words/paintName'
import { type CalendarDay, saveCalendar } from '~/shared/files/calendarFile'
import { screenSwatch } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'
import FillFrom from './FillFrom.vue'
import LevelPicture from './LevelPicture.vue'
import { inMl } from '~/shared/words/figures'

/** The plan of a filling: what goes where from which tube, on which days, what is short and what comes too late. */
const props = defineProps<{ palette: Palette; plan: FillingPlan; readyBy: string }>()
const emit = defineEmits<{ begin: []; from: [placeId: string, itemId: string] }>()
const collection = useCollection()
const nameOf = usePaintName()
const { itemInWords } = useItemWords()
const tube = (id: string) => {
  const item = collection.item(id)
  return item ? itemInWords(item) : 'a tube no longer listed'
}
const brim = (placeId: string) => capacityOf(props.palette.holder.places.find((p) => p.id === placeId)!)
const rows = computed(() =>
  props.plan.steps.map((step) => {
    const paint = collection.paint(step.paintId)
    const draws = new Map<string, number>()
    for (const { itemId, millilitres } of step.layers.flatMap((l) => l.draws))
      draws.set(itemId, (draws.get(itemId) ?? 0) + millilitres)
    return {
      step,
      paint,
      colour: paint ? screenSwatch(paint).stops[0] : undefined,
      first: [...draws.keys()][0],
      from: step.putIn
        ? [`put the pan in: the ${tube(step.putIn)}`]
        : [...draws].map(([id, ml]) => `${inMl(ml)} from the ${tube(id)}`),
      share: step.millilitres / brim(step.placeId),
    }
  }),
)
const late = computed(() => props.plan.steps.filter((s) => s.late))
const range = ({ dry, dryAtLatest }: FillingStep) =>
  `dry about ${dayInWords(dry)}, by ${dayInWords(dryAtLatest)} at the latest`
/** Day by day: what is filled, and when all is dry. */
const timetable = computed(() => {
  const byDay = new Map<string, { places: string[]; layer: number }[]>()
  for (const step of props.plan.steps)
    step.layers.forEach(({ day }, layer) => {
      const list = byDay.get(day) ?? []
      byDay.set(day, list)
      const same = list.find((l) => l.layer === layer)
      if (same) same.places.push(step.placeId)
      else list.push({ places: [step.placeId], layer })
    })
  const isLayered = props.plan.steps.some((s) => s.layers.length > 1)
  return [...byDay]
    .sort(([p], [q]) => (p < q ? -1 : 1))
    .map(([day, list]) => ({
      day,
      words: list
        .sort((p, q) => p.layer - q.layer)
        .map(({ places, layer }) => `${isLayered ? `layer ${layer + 1}: ` : ''}${places.join(', ')}`)
        .join('; '),
    }))
})
function calendar() {
  const { id, name } = props.palette
  const fills = timetable.value.map(({ day, words }): CalendarDay => {
    const text = props.plan.steps
      .filter((s) => s.layers.some((l) => l.day === day))
      .map((s) => `${s.placeId}: ${nameOf(s.paintId)}, ${inMl(s.layers.find((l) => l.day === day)!.millilitres)}`)
      .join('\n')
    return { id: `${id}-${day}-fill`, day, title: `Fill ${name}: ${words}`, text }
  })
  const { dryAtLatest, beginBy } = props.plan
  const ends: CalendarDay[] = [
    ...(dryAtLatest
      ? [
          {
            id: `${id}-${dryAtLatest}-dry`,
            day: dryAtLatest,
            title: `${name} is dry`,
            text: 'At the latest, as far as can be said.',
          },
        ]
      : []),
    ...(props.readyBy
      ? [
          {
            id: `${id}-${props.readyBy}-ready`,
            day: props.readyBy,
            title: `${name} is wanted`,
            text: beginBy ? `Filling has to begin by ${dayInWords(beginBy)}.` : '',
          },
        ]
      : []),
  ]
  void saveCalendar('juxtachrome-filling.ics', `Filling ${name}`, [...fills, ...ends])
}
</script>

<template>
  <section aria-label="The plan">
    <p v-if="plan.steps.length === 0" class="hint">
      Nothing is to be filled: what is planned lies there, is wet still, or is full enough.
      {{ plan.out.length ? `Without a pan: ${plan.out.join(', ')}.` : '' }}
    </p>
    <template v-else>
      <p class="text-lg" role="status">
        {{ counted(plan.steps.length, 'place') }} to fill,
        {{ plan.dryAtLatest ? `dry by ${dayInWords(plan.dryAtLatest)} at the latest` : '' }}.
        <template v-if="plan.beginBy && !late.length">Begin by {{ dayInWords(plan.beginBy) }}.</template>
      </p>
      <p v-if="late.length" class="refusal mt-1" role="alert">
        {{ counted(late.length, 'place') }} may be wet still on {{ dayInWords(readyBy) }}:
        {{ late.map((s) => s.placeId).join(', ') }}.
        {{
          late.some((s) => s.late!.thinner > 0)
            ? `A layer of ${inMl(Math.min(...late.map((s) => s.late!.thinner || 99)))} would be dry; or take the tubes along, or bought pans.`
            : 'Even a thin layer would be: take the tubes along, or bought pans.'
        }}
      </p>
      <p v-if="plan.out.length" class="mt-1">Left out until a pan is put in: {{ plan.out.join(', ') }}.</p>
      <p v-if="plan.toBuy.length" class="mt-1">
        The tubes do not hold enough. To buy before:
        <SaidPaints :text="`${plan.toBuy.map((b) => `${inMl(b.millilitres)} ${paintToken(b.paintId)}`).join(', ')}.`" />
      </p>
      <p class="mt-2 flex flex-wrap gap-2">
        <button class="btn btn-primary" @click="emit('begin')">Begin filling</button>
        <button class="btn" @click="calendar">Save the days for a calendar</button>
      </p>
      <ol class="mt-3">
        <li
          v-for="{ step, paint, colour, from, first, share } in rows"
          :key="step.placeId"
          class="flex gap-3 border-t border-line py-1.5"
        >
          <LevelPicture :now="0" :to="share" :colour="colour" class="w-12" />
          <div class="min-w-0 grow">
            <p>
              <strong class="font-semibold">{{ step.placeId }}</strong> {{ paint && collection.called(paint) }}
              <span class="hint"
                >{{ inMl(step.millilitres) }}{{ step.isTopUp ? ' more' : ''
                }}{{ step.layers.length > 1 ? ` in ${step.layers.length} layers` : '' }}</span
              >
            </p>
            <p class="hint text-sm">
              {{ from.join(', ')
              }}{{
                step.missing
                  ? from.length
                    ? `; that is all it holds, ${inMl(step.missing)} are missing`
                    : `${inMl(step.missing)} are missing`
                  : ''
              }}; {{ step.putIn ? 'dry as it is' : range(step) }}
            </p>
            <FillFrom
              :paint-id="step.paintId"
              :place-id="step.placeId"
              :drawn="first"
              @choose="emit('from', step.placeId, $event)"
            />
            <p v-if="step.trouble" class="text-sm">{{ step.trouble.words }} {{ step.trouble.instead }}</p>
          </div>
        </li>
      </ol>
      <h2 class="mt-4">Day by day</h2>
      <table class="text-sm">
        <tr v-for="t in timetable" :key="t.day" class="align-top">
          <th scope="row" class="pr-4 text-left font-medium whitespace-nowrap">{{ dayInWords(t.day) }}</th>
          <td>{{ t.words }}</td>
        </tr>
      </table>
    </template>
  </section>
</template>
