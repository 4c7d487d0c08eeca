<script setup lang="ts">
import {
  mainPaintOf,
  byLightness,
  dayInWords,
  dryingDays,
  exchangesToPlan,
  isWet,
  usualFilling,
  viewOfPaint,
  type FillEvent,
  type Palette,
  type PaletteState,
} from '@juxtachrome/core'
import { computed } from 'vue'
import { useFillCommands } from '~/commands/filling'
import { useBalances } from '~/composables/useBalances'
import { useCollection } from '~/stores/collection'

const props = defineProps<{ palette: Palette; state: PaletteState; today: string; selected?: string }>()
const emit = defineEmits<{ select: [placeId: string] }>()
const collection = useCollection()
const filling = useFillCommands()
const { left, isUsable } = useBalances()
const rows = computed(() =>
  props.palette.holder.places.map(({ id }) => {
    const content = props.state[id]?.content
    return {
      id,
      content,
      planned: collection.paint(props.palette.plan[id]?.paintId),
      lying: collection.paint(content && mainPaintOf(content)),
    }
  }),
)
/** Light colours first, so that no dark paint spoils them. */
const toFill = computed(() =>
  rows.value
    .flatMap((r) => (r.planned && !r.content ? [{ ...r, planned: r.planned }] : []))
    .sort((p, q) => byLightness(viewOfPaint(p.planned), viewOfPaint(q.planned))),
)
/** Those with a tube at hand that holds the usual amount, as fillings of today. */
const ready = computed(() => {
  const drawn = new Map<string, number>()
  return toFill.value.flatMap((row): FillEvent[] => {
    const place = props.palette.holder.places.find((p) => p.id === row.id)!
    const millilitres = usualFilling(place)
    const item = collection
      .itemsOf(row.planned.id)
      .filter(isUsable)
      .sort((p, q) => Number(q.supply === 'open') - Number(p.supply === 'open'))
      .find((i) => left(i) - (drawn.get(i.id) ?? 0) >= millilitres)
    if (!item) return []
    drawn.set(item.id, (drawn.get(item.id) ?? 0) + millilitres)
    return [
      {
        kind: 'fill',
        day: props.today,
        paletteId: props.palette.id,
        placeId: row.id,
        itemId: item.id,
        paintId: row.planned.id,
        millilitres,
        dryingDays: dryingDays(place, millilitres),
      },
    ]
  })
})
const wet = computed(() => rows.value.filter((r) => r.content && isWet(r.content, props.today)))
const differing = computed(() => rows.value.filter((r) => r.content && r.lying?.id !== r.planned?.id))
const exchanges = computed(() => exchangesToPlan(props.palette, props.state, props.today))
</script>

<template>
  <section aria-label="What to fill">
    <h2>To fill, light colours first</h2>
    <ul v-if="toFill.length" class="mt-1">
      <li v-for="row in toFill" :key="row.id">
        <button
          class="flex min-h-10 w-full items-center gap-2 border-t border-line text-left"
          :class="selected === row.id ? 'bg-sunken' : ''"
          @click="emit('select', row.id)"
        >
          <PaintSwatch :paint="row.planned" class="h-6 w-10 shrink-0" /><span class="min-w-0 truncate"
            ><strong class="font-semibold">{{ row.id }}</strong> {{ row.planned.name }}</span
          >
        </button>
      </li>
    </ul>
    <button v-if="ready.length > 1" class="btn mt-2" @click="filling.fillAll(palette.name, ready)">
      I filled {{ ready.length }} of these today, the usual amount
    </button>
    <p v-if="!toFill.length" class="hint mt-1">
      Every planned place is filled. Choose a place on the tray to top it up, clean it or read its history.
    </p>
    <template v-if="wet.length">
      <h2 class="mt-4">Drying</h2>
      <ul>
        <li v-for="row in wet" :key="row.id">
          <button class="min-h-9 text-left" @click="emit('select', row.id)">
            <strong class="font-semibold">{{ row.id }}</strong> {{ row.lying?.name }}: dry about
            {{ dayInWords(row.content!.dryFrom) }}
          </button>
        </li>
      </ul>
      <p class="hint">Keep wet pans level, and covered from dust but airy.</p>
    </template>
    <template v-if="differing.length">
      <h2 class="mt-4">Not as planned</h2>
      <ul>
        <li v-for="row in differing" :key="row.id">
          <button class="min-h-9 text-left" @click="emit('select', row.id)">
            <strong class="font-semibold">{{ row.id }}</strong> holds
            {{ row.lying?.name ?? 'a paint no longer listed' }}; planned: {{ row.planned?.name ?? 'nothing' }}
          </button>
        </li>
      </ul>
      <button v-if="exchanges.length" class="btn mt-1" @click="filling.carryOut(palette.name, exchanges)">
        I moved the pans as planned ({{ exchanges.length }})
      </button>
    </template>
  </section>
</template>
