<script setup lang="ts">
import { isStanding, planAt, type Purchase, type PurchaseLine, type PurchaseState } from '@juxtachrome/core/documents'
import { placesKeptFor, standingSum } from '@juxtachrome/core/restocking'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { useRestockCommands } from './commands'
import { moneyInWords } from '~/shared/words/moneyWords'
import { useToday } from '~/shared/ui/useToday'
import { useDayDone } from '~/shared/ui/useDayDone'
import { useCollection } from '~/stores/collection'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import DayField from '~/shared/ui/DayField.vue'

/** What was ordered and what became of it; what comes is offered the places that were kept for it. */
const collection = useCollection()
const commands = useRestockCommands()
const palettes = usePaletteCommands()
const today = useToday()
const { typed: cameOn, day } = useDayDone(today)
const ACTS: Record<PurchaseState, { to: PurchaseState; words: string }[]> = {
  ordered: [
    { to: 'delivered', words: 'It came' },
    { to: 'never mind', words: 'Never mind' },
  ],
  delivered: [
    { to: 'returned', words: 'Sent back' },
    { to: 'ordered', words: 'Not yet' },
  ],
  returned: [{ to: 'delivered', words: 'Kept after all' }],
  'never mind': [{ to: 'ordered', words: 'Ordered after all' }],
}
/** The first paint that a line brings, where it still is in the collection. */
const paintOfLine = ({ itemIds }: PurchaseLine) =>
  itemIds.map((id) => collection.paint(collection.item(id)?.paintId)).find((paint) => paint !== undefined)
const rows = computed(() =>
  collection.purchases.map((purchase) => ({
    purchase,
    sum: standingSum(purchase),
    delivery: purchase.lines.some(isStanding) ? purchase.delivery : undefined,
    lines: purchase.lines.map((line, index) => ({
      line,
      index,
      kept: line.state === 'delivered' ? keptFor(purchase, index) : [],
      fill: line.state === 'delivered' ? toFill(purchase, index) : [],
    })),
  })),
)
function keptFor(purchase: Purchase, index: number) {
  return purchase.lines[index]!.itemIds.flatMap((id) => {
    const paint = collection.paint(collection.core.get('items', id)?.paintId)
    return paint ? placesKeptFor(paint, collection.palettes).map((k) => ({ ...k, paint })) : []
  })
}
/** Places for which it is planned and in which nothing lies yet. */
function toFill(purchase: Purchase, index: number) {
  const ids = new Set(purchase.lines[index]!.itemIds.flatMap((id) => collection.core.get('items', id)?.paintId ?? []))
  return collection.palettes.flatMap((palette) => {
    const state = collection.ledger.places(palette.id)
    return palette.holder.places
      .filter(({ id }) => ids.has(planAt(palette, id)?.paintId ?? '') && !state.get(id)?.content)
      .map(({ id }) => ({ palette, placeId: id }))
  })
}
/** Items on order that no purchase speaks of: entered by hand. */
const others = computed(() => {
  const known = new Set(collection.purchases.flatMap((p) => p.lines.flatMap((l) => l.itemIds)))
  return collection.items.filter((i) => i.supply === 'on order' && !known.has(i.id))
})
const waiting = computed(() =>
  collection.purchases.reduce((n, p) => n + p.lines.filter((l) => l.state === 'ordered').length, 0),
)
</script>

<template>
  <div>
    <p class="mb-2 flex flex-wrap items-center gap-3">
      <strong class="font-semibold">{{
        waiting ? `${counted(waiting, 'thing')} on the way` : 'Nothing on the way'
      }}</strong>
      <label class="flex items-center gap-2 text-sm"
        >What comes, came on <DayField aria-label="What comes, came on" v-model="cameOn" class="w-40" :max="today"
      /></label>
    </p>
    <p v-if="rows.length === 0" class="hint">
      What you mark as ordered in a <NuxtLink class="link" to="/restock/plan">plan</NuxtLink> is kept here until it
      comes.
    </p>
    <section
      v-for="{ purchase, lines, sum, delivery } in rows"
      :key="purchase.id"
      class="mb-5"
      :aria-label="`Order from ${purchase.shop}`"
    >
      <h2>
        {{ purchase.shop
        }}<span class="hint font-normal"
          >, {{ dayInWords(purchase.day) }}, {{ moneyInWords(sum, purchase.currency)
          }}{{ delivery ? ` with ${moneyInWords(delivery, purchase.currency)} delivery` : '' }}</span
        >
      </h2>
      <ul>
        <li v-for="{ line, index, kept, fill } in lines" :key="index" class="border-b border-line py-2">
          <p class="flex flex-wrap items-center gap-x-3 gap-y-1">
            <PaintSwatch v-if="paintOfLine(line)" :paint="paintOfLine(line)!" brushed class="h-8 w-20 shrink-0" />
            <span class="grow" :class="isStanding(line) ? '' : 'text-muted line-through'">{{ line.words }}</span>
            <span>{{ moneyInWords(line.minor, purchase.currency) }}</span>
            <span class="chip"
              >{{ line.state }}{{ line.day && line.state !== 'ordered' ? `, ${dayInWords(line.day)}` : '' }}</span
            >
            <button
              v-for="act in ACTS[line.state]"
              :key="act.to"
              class="btn"
              :aria-label="`${act.words}: ${line.words}`"
              @click="commands.settle(purchase, index, act.to, day)"
            >
              {{ act.words }}
            </button>
          </p>
          <p
            v-for="k in kept"
            :key="`${k.palette.id} ${k.placeId}`"
            class="mt-1 flex flex-wrap items-center gap-2 text-sm"
          >
            <span>{{ k.placeId }} of {{ k.palette.name }} is {{ k.words }}.</span>
            <button class="btn" @click="palettes.place(k.palette.id, k.placeId, k.paint.id)">
              Plan {{ k.paint.name }} there
            </button>
          </p>
          <p v-if="fill.length" class="mt-1 text-sm">
            Planned and not filled:
            <NuxtLink
              v-for="f in fill"
              :key="`${f.palette.id} ${f.placeId}`"
              class="link mr-2"
              :to="`/palettes/${f.palette.id}/fill?place=${f.placeId}`"
              >{{ f.placeId }} of {{ f.palette.name }}</NuxtLink
            >
          </p>
        </li>
      </ul>
    </section>
    <section v-if="others.length" aria-label="On order, entered by hand">
      <h2>On order, entered by hand</h2>
      <ul>
        <li v-for="i in others" :key="i.id">
          <NuxtLink class="link" :to="`/paints/${i.paintId}`">{{
            collection.paint(i.paintId)?.name ?? 'a paint'
          }}</NuxtLink>, {{ i.millilitres }} ml {{ i.kind }}
        </li>
      </ul>
    </section>
  </div>
</template>
