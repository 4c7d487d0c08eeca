<script setup lang="ts">
import type { Shop } from '@juxtachrome/core/documents'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import { cheapestFirst } from './cheapestFirst'
import { coloursOf } from './coloursOf'
import {
  compareSizes,
  judgeOffers,
  matchOf,
  newInSet,
  setAgainstOwned,
  setsInOrder,
} from '@juxtachrome/core/restocking'
import { counted, daysBetween } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { useRestockCommands } from './commands'
import { moneyInWords } from '~/shared/words/moneyWords'
import { useAsk } from '~/shared/ui/useAsk'
import type { Needs } from './useNeeds'
import { useShops } from './useShops'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import FileButton from '~/shared/ui/FileButton.vue'
import OfferRows from './OfferRows.vue'
import ShopTerms from './ShopTerms.vue'
import TextField from '~/shared/ui/TextField.vue'
import { inMl, listed } from '~/shared/words/figures'
import Refusal from '~/shared/ui/Refusal.vue'

/** Shops' lists of prices; what is needed, size by size; sets against what is owned. */
const props = defineProps<{ needs: Needs }>()
const { accepted } = props.needs
const collection = useCollection()
const commands = useRestockCommands()
const shops = useShops()
const { trouble, said, busy } = shops
const today = useToday()
const { ask } = useAsk()
const name = ref('')
const known = ref<{ id: string; name: string; currency: string }[]>([])
const isLooking = ref(false)
/** Nothing is asked of the simulated shops before somebody wants it. */
async function look() {
  isLooking.value = true
  known.value = await shops.simulated()
  isLooking.value = false
}
/** Prices older than this are worth asking for again, days (judgement). */
const STALE = 45
const ageOf = (shop: Shop) => daysBetween(shop.day, today.value)
const inWords = (shop: Shop) => {
  const judge = judgeOffers(shop)
  const unusable = shop.offers.filter((o) => judge(o)).length
  const sets = shop.offers.filter((o) => o.set).length
  return [
    counted(shop.offers.length - sets, 'single'),
    sets ? counted(sets, 'set') : '',
    unusable ? `${unusable} sold out, without price or with an absurd one` : '',
  ]
    .filter(Boolean)
    .join(', ')
}
async function remove(shop: Shop) {
  const yes = await ask({
    title: `Remove ${shop.name}?`,
    text: 'Its list of prices goes; orders stay.',
    yes: 'Remove it',
  })
  if (yes) commands.removeShop(shop)
}
const sized = computed(() =>
  accepted.value.map((need) => ({
    need,
    sizes: cheapestFirst(
      collection.shops.flatMap((shop) => {
        const judge = judgeOffers(shop)
        const own = shop.offers.filter((o) => !o.set && !judge(o) && matchOf(need, o.holds[0]!))
        return compareSizes(own, need.perYear).map((size) => ({ ...size, shop }))
      }),
    ),
  })),
)
const sets = computed(() => {
  const onOffer = collection.shops.flatMap((shop) =>
    shop.offers
      .filter((o) => o.set && o.minor)
      .map((offer) => {
        const needs = accepted.value.filter((n) => offer.holds.some((h) => matchOf(n, h)))
        const worth = setAgainstOwned(offer.holds, collection.paints, offer.minor)
        return {
          shop,
          offer,
          needs,
          worth,
          currency: shop.currency,
          serves: needs.length,
          fading: newInSet(worth).fading,
        }
      }),
  )
  return setsInOrder(onOffer).map(({ item }) => item)
})
const chosen = ref<string[]>([])
const together = computed(() => {
  const own = sets.value.filter((s) => chosen.value.includes(`${s.shop.id}/${s.offer.id}`))
  return own.length > 1
    ? setAgainstOwned(
        own.flatMap((s) => s.offer.holds),
        collection.paints,
      )
    : undefined
})
</script>

<template>
  <div class="space-y-6">
    <section aria-label="Shops">
      <h2>Shops</h2>
      <p class="hint">
        Lists you bring in as CSV, and simulated shops that come with it: they are asked only when you press a button.
      </p>
      <div class="mt-2 flex flex-wrap items-end gap-2">
        <TextField v-model="name" label="Name of the shop" maxlength="120" />
        <FileButton
          label="A list as CSV"
          accept=".csv,.tsv,.txt,text/*"
          @choose="(f: File) => shops.fromFile(f, name)"
        />
        <button v-if="known.length === 0" class="btn" :disabled="isLooking" @click="look">
          {{ isLooking ? 'Looking …' : 'Simulated shops' }}
        </button>
        <button v-for="s in known" :key="s.id" class="btn" :disabled="Boolean(busy)" @click="shops.ask(s.id)">
          {{ busy === s.id ? 'Asking …' : `Ask ${s.name}` }}
        </button>
      </div>
      <Refusal v-if="trouble" class="mt-2" :says="trouble" />
      <p v-if="said" role="status" class="mt-2">{{ said }}</p>
      <ul class="mt-2">
        <li
          v-for="s in collection.shops"
          :key="s.id"
          class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-2"
        >
          <span class="font-medium">{{ s.name }}</span>
          <span class="hint grow"
            >{{ s.currency }}, prices of {{ dayInWords(s.day) }}{{ ageOf(s) > STALE ? ', getting old' : '' }}:
            {{ inWords(s) }};
            {{ s.delivery ? `delivery ${moneyInWords(s.delivery, s.currency)}` : 'no delivery charge noted'
            }}{{ s.freeFrom ? `, free from ${moneyInWords(s.freeFrom, s.currency)}` : '' }}</span
          >
          <ShopTerms :shop="s" />
          <button class="link text-sm" :aria-label="`Remove ${s.name}`" @click="remove(s)">Remove</button>
        </li>
      </ul>
      <p v-if="collection.shops.length === 0" class="hint mt-1">No list of prices yet.</p>
    </section>
    <section aria-label="Sizes" v-if="collection.shops.length">
      <h2>What is needed, size by size</h2>
      <p v-if="accepted.length === 0" class="hint">
        Accept some <NuxtLink class="link" to="/restock/needs">needs</NuxtLink> first.
      </p>
      <div v-for="{ need, sizes } in sized" :key="need.key" class="mt-3">
        <h3>
          {{ need.name
          }}<span v-if="need.perYear" class="hint font-normal">, about {{ inMl(need.perYear) }} used a year</span>
        </h3>
        <p v-if="sizes.length === 0" class="hint">No shop has it.</p>
        <OfferRows v-else :offers="sizes" :needed="collection.paint(need.paintId)" :called="need.name" />
      </div>
    </section>
    <section aria-label="Sets" v-if="sets.length">
      <h2>Sets against what you own</h2>
      <p v-if="together" role="status">
        The {{ chosen.length }} chosen hold {{ together.paints }} paints: {{ together.fresh.length }} new,
        {{ together.alike.length }} of pigments that you own, {{ together.owned.length }} owned already,
        {{ together.twice }} in them twice.
      </p>
      <p v-else class="hint">Choose two or more to see what they hold together.</p>
      <div class="overflow-x-auto">
        <table class="plain">
          <thead>
            <tr>
              <th><span class="sr-only">Choose</span></th>
              <th>Set</th>
              <th>Price</th>
              <th>New to you</th>
              <th>A new one costs</th>
              <th>Serves</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in sets" :key="`${s.shop.id}/${s.offer.id}`">
              <td>
                <input
                  v-model="chosen"
                  type="checkbox"
                  class="size-5"
                  :value="`${s.shop.id}/${s.offer.id}`"
                  :aria-label="`Choose ${s.offer.set}`"
                />
              </td>
              <td>
                {{ s.offer.set }}<span class="hint block text-[0.8125rem]">{{ s.shop.name }}</span>
                <span class="mt-1 flex h-8 w-40 bg-ground">
                  <PaintSwatch
                    v-for="(paint, n) in coloursOf(s.offer)"
                    :key="n"
                    :paint="paint"
                    direction="to bottom"
                    class="h-full min-w-0 grow"
                  />
                </span>
              </td>
              <td>{{ moneyInWords(s.offer.minor!, s.shop.currency) }}</td>
              <td>
                {{ s.worth.fresh.length }} of {{ s.worth.paints
                }}<span class="hint block text-[0.8125rem]">{{
                  s.worth.fresh.map((p) => p.name).join(', ') || 'none'
                }}</span>
                <span v-if="s.fading.length" class="hint block text-[0.8125rem]"
                  >{{ s.fading.length === 1 ? 'one of them fades' : 'some of them fade' }}:
                  {{ listed(s.fading.map((p) => p.name)) }}</span
                >
                <span v-if="s.worth.alike.length" class="hint block text-[0.8125rem]"
                  >the same pigment owned:
                  <SaidPaints :text="s.worth.alike.map((a) => `${a.held.name} (${paintToken(a.paintId)})`).join(', ')"
                /></span>
              </td>
              <td>{{ s.worth.perFresh ? moneyInWords(s.worth.perFresh, s.shop.currency) : '–' }}</td>
              <td>{{ s.needs.map((n) => n.name).join(', ') || 'no need' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </div>
</template>
