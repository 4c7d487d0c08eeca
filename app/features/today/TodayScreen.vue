<script setup lang="ts">
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { dayInWords } from '~/shared/words/days'
import { plannedPaints } from '@juxtachrome/core/documents'
import { planAgainstPans, rateOfUse, toLookAt, usedUpOn } from '@juxtachrome/core/filling'
import { isWet, mainPaintOf } from '@juxtachrome/core/ledger'
import { computed, defineAsyncComponent } from 'vue'
import { InStepLine } from '~/features/devices'
import { useAway, useStandInCommands } from '~/features/standins'
import { useBalances } from '~/shared/items/useBalances'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import EmptyCollection from '~/shared/shell/EmptyCollection.vue'
import CopyLine from '~/shared/shell/CopyLine.vue'
import LastingNotice from '~/shared/shell/LastingNotice.vue'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { oneScale } from '~/shared/tray/oneScale'
import PaletteThumb from '~/shared/tray/PaletteThumb.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { firstThings } from './firstThings'
import TodayDue from './TodayDue.vue'
import TodayFirst from './TodayFirst.vue'
import { inMl } from '~/shared/words/figures'
import { plansAndPansInWords } from '~/shared/words/plansAndPans'

const LazyPathAhead = defineAsyncComponent(() => import('~/shared/shell/PathAhead.vue'))

useHead({ title: 'Today · Juxtachrome' })
const collection = useCollection()
const { atHand } = useBalances()
const today = useToday()
const standInCommands = useStandInCommands()
const wet = computed(() =>
  collection.palettes
    .flatMap((palette) =>
      [...collection.ledger.places(palette.id)].flatMap(([placeId, { content }]) =>
        content && isWet(content, today.value)
          ? [{ palette, placeId, content, paint: collection.paint(mainPaintOf(content)) }]
          : [],
      ),
    )
    .sort((p, q) => (p.content.dryFrom < q.content.dryFrom ? -1 : 1)),
)
/** What should be dry by now and waits for somebody to look. */
const look = computed(() =>
  collection.palettes.flatMap((palette) =>
    toLookAt(palette, collection.ledger.places(palette.id), today.value).map((l) => ({ palette, ...l })),
  ),
)
const used = computed(() => new Set(collection.palettes.flatMap((p) => [...plannedPaints(p)])))
/** Planned somewhere, and less at hand than another filling takes. */
const LOW = 1.5
const low = computed(() =>
  collection.paints
    .filter((p) => used.value.has(p.id))
    .map((paint) => ({ paint, ml: atHand(paint.id) }))
    .filter(({ ml }) => ml < LOW)
    .map((row) => ({ ...row, end: endOf(row.paint.id, row.ml) }))
    .sort((p, q) => p.ml - q.ml),
)
/** When what is at hand of a paint is used up, as it was used lately. */
function endOf(paintId: string, ml: number): string | undefined {
  const accounts = collection.itemsOf(paintId).map((i) => collection.ledger.account(i.id))
  const rate = rateOfUse(accounts, today.value)
  return ml > 0 && rate > 0 ? usedUpOn(ml, rate, today.value) : undefined
}
/** Paints that are away from a palette, with what stands in; those that are at hand again can go back. */
const awayFrom = useAway()
const standIns = computed(() =>
  collection.palettes.flatMap((palette) => awayFrom(palette).map((away) => ({ palette, ...away }))),
)
const onOrder = computed(() =>
  collection.items
    .filter((i) => i.supply === 'on order')
    .map((item) => ({ item, paint: collection.paint(item.paintId) })),
)
/** All palettes at one scale: the widest decides. */
const SHELF = 340
const scale = computed(() => oneScale(collection.palettes, SHELF))
/** Palettes whose plan and pans do not agree, each with the one sentence about it. */
const plansAndPans = computed(() =>
  collection.palettes.map((palette) => ({
    palette,
    pans: planAgainstPans(palette, collection.ledger.places(palette.id)),
  })),
)
const toFill = computed(() =>
  plansAndPans.value
    .filter(({ pans }) => pans.toFill.length + pans.out.length + pans.other.length)
    .map(({ palette, pans }) => ({ palette, words: plansAndPansInWords(pans, paintToken) })),
)
const first = computed(() =>
  firstThings({
    look: look.value.map(({ palette: { id, name }, placeId }) => ({ paletteId: id, palette: name, placeId })),
    back: standIns.value
      .filter((s) => s.isBack)
      .map(({ palette: { id, name }, placeId, standsFor }) => ({
        paletteId: id,
        palette: name,
        placeId,
        words: standsFor.words,
      })),
    toFill: plansAndPans.value
      .filter(({ pans }) => pans.toFill.length)
      .map(({ palette: { id, name }, pans }) => ({
        paletteId: id,
        palette: name,
        places: pans.toFill.map((p) => p.placeId),
      })),
    out: low.value.filter(({ ml }) => ml <= 0).map(({ paint }) => paint.id),
    paintToken,
  }),
)
</script>

<template>
  <div class="mx-auto w-full max-w-6xl p-3">
    <div class="mb-3 flex flex-wrap items-baseline gap-3">
      <h1>Today</h1>
      <p class="hint grow">{{ dayInWords(today) }}</p>
      <InStepLine />
      <CopyLine />
    </div>
    <LastingNotice />
    <LazyPathAhead v-if="!collection.isEmpty" />
    <EmptyCollection v-if="collection.isEmpty" />
    <div v-else class="grid gap-4 lg:grid-cols-2">
      <TodayFirst v-if="first.length" :todo="first" />
      <section class="panel p-4">
        <h2>Wet</h2>
        <p v-if="wet.length === 0" class="hint">
          {{ look.length ? 'Nothing is known to be wet; what should be dry is asked below.' : 'Everything is dry.' }}
        </p>
        <ul>
          <li
            v-for="row in wet"
            :key="row.palette.id + row.placeId"
            class="flex min-h-10 items-center gap-2 border-t border-line py-1"
          >
            <PaintSwatch v-if="row.paint" :paint="row.paint" class="h-6 w-10 shrink-0" />
            <span class="min-w-0 grow"
              >{{ row.paint ? collection.called(row.paint) : 'a paint' }} in
              <NuxtLink class="link" :to="`/palettes/${row.palette.id}/fill?place=${row.placeId}`"
                >{{ row.placeId }}, {{ row.palette.name }}</NuxtLink
              ></span
            >
            <span class="hint">dry about {{ dayInWords(row.content.dryFrom) }}</span>
          </li>
        </ul>
      </section>
      <section class="panel p-4">
        <h2>Low or out</h2>
        <p v-if="low.length === 0" class="hint">Enough of every planned paint for another filling.</p>
        <ul>
          <li
            v-for="{ paint, ml, end } in low"
            :key="paint.id"
            class="flex min-h-10 items-center gap-2 border-t border-line py-1"
          >
            <PaintSwatch :paint="paint" class="h-6 w-10 shrink-0" /><NuxtLink
              class="link min-w-0 grow"
              :to="`/paints/${paint.id}`"
              >{{ paint.name }}, {{ paint.maker }}</NuxtLink
            ><span class="hint">{{
              ml > 0 ? `${inMl(ml)} at hand${end ? `, till about ${dayInWords(end)}` : ''}` : 'none at hand'
            }}</span>
          </li>
        </ul>
        <p v-if="low.length" class="mt-1 text-sm">
          <NuxtLink class="link" to="/restock">What is worth buying, and when</NuxtLink>
        </p>
        <template v-if="onOrder.length"
          ><h3 class="mt-3">On order</h3>
          <ul>
            <li v-for="{ item, paint } in onOrder" :key="item.id">
              <NuxtLink class="link" :to="`/paints/${item.paintId}`"
                >{{ paint?.name ?? 'a paint no longer listed' }}, {{ item.millilitres }} ml</NuxtLink
              >
            </li>
          </ul></template
        >
      </section>
      <TodayDue :today="today" :look="look" />
      <section v-if="standIns.length" class="panel p-4 lg:col-span-2">
        <h2>Standing in</h2>
        <ul>
          <li
            v-for="row in standIns"
            :key="row.palette.id + row.placeId"
            class="flex min-h-10 flex-wrap items-center gap-x-3 border-t border-line py-1"
          >
            <span class="min-w-0 grow"
              >{{ row.standsFor.words }} is away from
              <NuxtLink class="link" :to="`/palettes/${row.palette.id}/stand-in?place=${row.placeId}`"
                >{{ row.placeId }}, {{ row.palette.name }}</NuxtLink
              >{{ row.isBack ? ': some of it is at hand' : '' }}</span
            >
            <button v-if="row.isBack" class="btn" @click="standInCommands.restore(row.palette.id, row.placeId)">
              Put it back
            </button>
          </li>
        </ul>
      </section>
      <section class="panel p-4 lg:col-span-2">
        <h2 class="mb-2">Palettes</h2>
        <ul class="flex flex-wrap items-end gap-x-6 gap-y-4">
          <li v-for="palette in collection.palettes" :key="palette.id">
            <NuxtLink :to="`/palettes/${palette.id}/choose`" class="block"
              ><PaletteThumb :palette="palette" :state="collection.ledger.places(palette.id)" :scale="scale" /><span
                class="mt-1 block font-medium"
                >{{ palette.name }}</span
              ></NuxtLink
            >
          </li>
        </ul>
        <p v-if="collection.palettes.length === 0" class="hint">
          No palette yet. <NuxtLink class="link" to="/palettes?new=1">Make one</NuxtLink>
        </p>
        <ul v-if="toFill.length" class="mt-3">
          <li v-for="{ palette, words } in toFill" :key="palette.id" class="py-1">
            <NuxtLink class="link" :to="`/palettes/${palette.id}/fill`">{{ palette.name }}</NuxtLink>:
            <SaidPaints :text="words" />
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>
