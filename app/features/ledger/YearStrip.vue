<script setup lang="ts">
import type { Palette } from '@juxtachrome/core/documents'
import { mainPaintOf } from '@juxtachrome/core/ledger'
import { counted, daysAfter, daysBetween } from '@juxtachrome/core/units'
import { dayInWords, monthInWords } from '~/shared/words/days'
import { computed } from 'vue'
import { usePaintName } from '~/shared/words/paintName'
import { screenSwatch } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'

/** A year of one palette: what lay in each place, and when. */
const props = defineProps<{ palette: Palette; today: string }>()
const collection = useCollection()
const nameOf = usePaintName()
const YEAR = 365
const ROW = 12
const LEFT = 34
const WIDE = 600
/** The least that is shown, days: of a palette that was just begun. */
const LEAST = 60
const yearAgo = computed(() => daysAfter(props.today, -YEAR))
/** From the first filling on, where that was less than a year ago: nothing is drawn of the time before. */
const begin = computed(() => {
  const since = [...collection.ledger.places(props.palette.id).values()].flatMap((s) => s.stays.map((t) => t.since))
  const first = since.reduce((a, b) => (a < b ? a : b), daysAfter(props.today, -LEAST))
  return first > yearAgo.value ? first : yearAgo.value
})
const span = computed(() => Math.max(1, daysBetween(begin.value, props.today)))
const at = (day: string) =>
  LEFT + (Math.min(span.value, Math.max(0, daysBetween(begin.value, day))) / span.value) * (WIDE - LEFT)
const rows = computed(() => {
  const state = collection.ledger.places(props.palette.id)
  return props.palette.holder.places.flatMap(({ id }) => {
    const stays = (state.get(id)?.stays ?? []).filter((s) => (s.until ?? props.today) > begin.value)
    if (stays.length === 0) return []
    return [
      {
        id,
        bars: stays.map((s) => {
          const paintId = mainPaintOf(s.content)
          const paint = collection.paint(paintId)
          const [from, to] = [at(s.since), at(s.until ?? props.today)]
          return {
            x: from,
            width: Math.max(2, to - from - 1),
            fill: paint ? screenSwatch(paint).stops[0] : 'var(--line)',
            name: nameOf(paintId),
            words: `${nameOf(paintId)} in ${id}, ${dayInWords(s.since)} to ${s.until ? dayInWords(s.until) : 'now'}`,
          }
        }),
      },
    ]
  })
})
const months = computed(() =>
  Array.from({ length: 13 }, (_, i) => {
    const [year, month] = begin.value.split('-').map(Number) as [number, number]
    const date = new Date(year, month - 1 + i, 1)
    const day = `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-01`
    return { day, x: at(day), name: monthInWords(day) }
  }).filter(({ day }) => day > begin.value && day <= props.today),
)
const changes = computed(() => rows.value.reduce((sum, r) => sum + r.bars.length - 1, 0))
</script>

<template>
  <figure v-if="rows.length" class="mb-3 overflow-x-auto" tabindex="0">
    <figcaption class="mb-1">
      A year of {{ palette.name }}: {{ counted(rows.length, 'place') }} in use,
      {{ changes ? counted(changes, 'change') : 'nothing changed' }}.
    </figcaption>
    <svg
      role="img"
      :aria-label="rows.flatMap((r) => r.bars.map((b) => b.words)).join('; ')"
      :viewBox="`0 0 ${WIDE} ${rows.length * ROW + 14}`"
      class="w-full min-w-[40rem] max-w-4xl"
    >
      <g v-for="m in months" :key="m.day">
        <line :x1="m.x" :x2="m.x" y1="0" :y2="rows.length * ROW" class="month" />
        <text :x="m.x + 2" :y="rows.length * ROW + 10">{{ m.name }}</text>
      </g>
      <g v-for="(r, i) in rows" :key="r.id">
        <text x="0" :y="i * ROW + 9">{{ r.id }}</text>
        <g v-for="b in r.bars" :key="b.words">
          <title>{{ b.words }}</title>
          <rect :x="b.x" :y="i * ROW + 1" :width="b.width" :height="ROW - 2" :fill="b.fill" />
          <text v-if="b.width > 4.6 * b.name.length" :x="b.x + 3" :y="i * ROW + 8.6" class="on-bar">{{ b.name }}</text>
        </g>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
text {
  font-size: 0.5rem;
  fill: var(--text);
}
.on-bar {
  fill: #fff;
  stroke: #111;
  stroke-width: 2;
  paint-order: stroke;
}
.month {
  stroke: var(--line);
  stroke-width: 0.6;
}
</style>
