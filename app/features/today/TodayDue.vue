<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import type { toLookAt } from '@juxtachrome/core/filling'
import { isOverdue, oldTubes, planAgainstPans, planFilling, unfinishedIn, unusedSince } from '@juxtachrome/core/filling'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import * as z from 'zod/mini'
import { computed } from 'vue'
import { fadeProgress } from '@juxtachrome/core/charts'
import { FADED, type Item, type Palette } from '@juxtachrome/core/documents'
import { useFillCommands } from '~/features/filling'
import { usePaintCommands } from '~/features/paints'
import { useSwatchCommands } from '~/features/swatches'
import { usePaintName } from '~/shared/words/paintName'
import { plansAndPansInWords } from '~/shared/words/plansAndPans'
import { useItemWords } from '~/shared/words/itemWords'
import { useBalances } from '~/shared/items/useBalances'
import { usePans } from '~/shared/items/usePans'
import { useCollection } from '~/stores/collection'
import { kept } from '~/stores/kept'

/** What is due: palettes wanted by a day, fillings that were begun, what should be dry by now, pans that are out, old tubes. */
const props = defineProps<{ today: string; look: ({ palette: Palette } & ReturnType<typeof toLookAt>[number])[] }>()
const collection = useCollection()
const filling = useFillCommands()
const { left } = useBalances()
const { itemInWords } = useItemWords()
const { loose } = usePans()
const days = kept('jx-ready-by', z.record(z.string(), z.string().check(z.maxLength(10))), {})
const nameOf = usePaintName()
const agreementOf = (palette: Palette) =>
  plansAndPansInWords(planAgainstPans(palette, collection.ledger.places(palette.id)), paintToken)
const wanted = computed(() =>
  collection.palettes.flatMap((palette) => {
    const readyBy = days.value[palette.id]
    if (!readyBy || readyBy < props.today) return []
    const plan = planFilling({
      palette,
      state: collection.ledger.places(palette.id),
      paint: collection.paint,
      stock: { itemsOf: collection.itemsOf, left },
      today: props.today,
      readyBy,
      layers: 'whole',
      order: 'light first',
    })
    if (!plan.ok) return []
    const { steps, beginBy } = plan.value
    const late = steps.filter((s) => s.late).length
    const words = !steps.length
      ? agreementOf(palette)
      : late
        ? `${counted(late, 'place')} may be wet still`
        : `${counted(steps.length, 'place')} to fill, begin by ${dayInWords(beginBy!)}`
    return [{ palette, readyBy, words }]
  }),
)
const begun = computed(() =>
  collection.palettes.flatMap((palette) => {
    const places = unfinishedIn(palette, collection.ledger.places(palette.id))
    return places.length
      ? [
          {
            palette,
            places,
            from: places
              .map((p) => p.from)
              .sort()
              .at(-1)!,
          },
        ]
      : []
  }),
)
const out = computed(() => loose.value.filter((p) => p.whereabouts?.kind === 'lent'))
const overdue = computed(() => out.value.filter((p) => isOverdue(p.whereabouts!.since, props.today)))
/** Palettes that hold paint and were neither painted from nor filled for half a year. */
const unused = computed(() =>
  collection.palettes.flatMap((palette) => {
    const painted = collection.ledger.whole.sittingsOf(palette.id).map((s) => s.event.day)
    const since = unusedSince(collection.ledger.places(palette.id), painted, props.today)
    return since ? [{ palette, since }] : []
  }),
)
const swatches = useSwatchCommands()
/** Fade tests that are in a window: begun, or to be looked at. */
const fading = computed(() =>
  collection.fadeTests.flatMap((test) => {
    const { next, isDue } = fadeProgress(test, props.today)
    return next ? [{ test, next, isDue }] : []
  }),
)
const paints = usePaintCommands()
/** An old tube was looked at and is good: it is not asked about for a year. */
function stillGood(item: Item) {
  paints.changeItem(item, { ...item, lookedAt: props.today }, nameOf(item.paintId))
}
const old = computed(() => oldTubes(collection.items, collection.ledger.account, props.today))
const isDue = computed(
  () =>
    wanted.value.length +
      begun.value.length +
      props.look.length +
      out.value.length +
      old.value.length +
      unused.value.length +
      fading.value.length >
    0,
)
</script>

<template>
  <section v-if="isDue" class="panel p-4 lg:col-span-2" aria-label="Due">
    <h2>Due</h2>
    <ul>
      <li v-for="w in wanted" :key="w.palette.id" class="border-t border-line py-1">
        <NuxtLink class="link" :to="`/palettes/${w.palette.id}/filling`">{{ w.palette.name }}</NuxtLink> is wanted on
        {{ dayInWords(w.readyBy) }}: <SaidPaints :text="w.words" />
      </li>
      <li v-for="b in begun" :key="`begun ${b.palette.id}`" class="border-t border-line py-1">
        <NuxtLink class="link" :to="`/palettes/${b.palette.id}/filling`">{{ b.palette.name }}</NuxtLink>{{ ': ' }}the
        next layer of {{ b.places.map((p) => p.placeId).join(', ') }} can come
        {{ b.from <= today ? 'now' : `from ${dayInWords(b.from)}` }}
      </li>
      <li
        v-for="l in look"
        :key="`look ${l.palette.id} ${l.placeId}`"
        class="flex flex-wrap items-center gap-x-3 border-t border-line py-1"
      >
        <span class="grow"
          >{{ l.placeId }} of
          <NuxtLink class="link" :to="`/palettes/${l.palette.id}/fill?place=${l.placeId}`">{{
            l.palette.name
          }}</NuxtLink>
          should be dry: is it?</span
        >
        <button
          class="btn"
          :aria-label="`${l.placeId} of ${l.palette.name} is dry`"
          @click="
            filling.record({
              kind: 'dry',
              day: today,
              vessel: filling.vesselIn({ paletteId: l.palette.id, placeId: l.placeId }),
            })
          "
        >
          It is dry
        </button>
      </li>
      <li v-if="out.length" class="border-t border-line py-1">
        <NuxtLink class="link" to="/pans">{{ counted(out.length, 'pan') }}</NuxtLink> lent:
        {{
          out
            .map((p) =>
              [
                p.label,
                p.whereabouts!.words && `to ${p.whereabouts!.words}`,
                `since ${dayInWords(p.whereabouts!.since)}`,
              ]
                .filter(Boolean)
                .join(' '),
            )
            .join(', ')
        }}
      </li>
      <li v-if="overdue.length" class="border-t border-line py-1">
        {{ counted(overdue.length, 'pan') }} of these for more than two months:
        {{ overdue.map((p) => p.label || 'one without a name').join(', ') }}.
      </li>
      <li v-for="u in unused" :key="`unused ${u.palette.id}`" class="border-t border-line py-1">
        <NuxtLink class="link" :to="`/palettes/${u.palette.id}/use`">{{ u.palette.name }}</NuxtLink> was neither painted
        from nor filled since {{ dayInWords(u.since) }}.
      </li>
      <li
        v-for="f in fading"
        :key="f.test.id"
        class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1"
      >
        <span class="min-w-60 grow"
          >Fade test of {{ counted(f.test.paintIds.length, 'paint') }}, in the window since
          {{ dayInWords(f.test.day) }}:
          {{ f.isDue ? 'compare its halves now. What do you see?' : `to be compared on ${dayInWords(f.next)}.` }}</span
        >
        <template v-if="f.isDue">
          <button v-for="seen in FADED" :key="seen" class="btn" @click="swatches.lookAtFade(f.test, seen, today)">
            {{ seen }}
          </button>
        </template>
        <button v-else class="btn btn-quiet" @click="swatches.endFadeTest(f.test, today)">Taken out</button>
      </li>
      <li v-if="old.length" class="border-t border-line py-1">
        Old tubes to look at this month:
        <ul>
          <li v-for="i in old" :key="i.id" class="flex flex-wrap items-center gap-x-3 py-0.5">
            <span class="grow"
              ><NuxtLink class="link" :to="`/paints/${i.paintId}`">{{ nameOf(i.paintId) }}</NuxtLink
              >{{ ' ' }}<span class="hint">({{ itemInWords(i) }})</span></span
            >
            <button
              class="btn"
              :aria-label="`Still good: ${nameOf(i.paintId)}, ${itemInWords(i)}`"
              @click="stillGood(i)"
            >
              Still good
            </button>
          </li>
        </ul>
      </li>
    </ul>
  </section>
</template>
