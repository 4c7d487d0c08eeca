<script setup lang="ts">
import { listed } from '~/shared/words/figures'
import SaidPaints from '~/shared/said/SaidPaints.vue'
import { paintToken } from '~/shared/said/paintTokens'
import { coloursOf } from './coloursOf'
import { counted } from '@juxtachrome/core/units'
import { dayInWords } from '~/shared/words/days'
import { computed, ref } from 'vue'
import { useRestockCommands } from './commands'
import { savePlanCalendar, savePlanText, shoppingText } from './planFiles'
import { moneyInWords } from '~/shared/words/moneyWords'
import { sureInWords } from './words'
import type { Needs } from './useNeeds'
import { type PlannedBuy, usePurchasePlan } from './usePurchasePlan'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import PaintSwatch from '~/shared/swatch/PaintSwatch.vue'
import BudgetForm from './BudgetForm.vue'
import EmptyPlan from './EmptyPlan.vue'
import Refusal from '~/shared/ui/Refusal.vue'
import WorkingBar from '~/shared/ui/WorkingBar.vue'

/** What to buy, where and when, within the budget: planned, printed, sent, put into the calendar, ordered. */
const props = defineProps<{ needs: Needs }>()
const { accepted } = props.needs
const collection = useCollection()
const settings = useSettings()
const commands = useRestockCommands()
const today = useToday()
const planning = usePurchasePlan(() => accepted.value)
const { prepared, plan, planned, periods, unserved, isWorking, isDone, trouble } = planning
const currency = computed(() => planned.value?.budget.currency ?? collection.budget?.currency ?? settings.currency)
const money = (minor: number) => moneyInWords(minor, currency.value)
/** A need as a sentence shows it: its paint with its swatch, where it is one that is known. */
const shownOf = (key: string) => {
  const need = accepted.value.find((n) => n.key === key)
  return need?.paintId && collection.paint(need.paintId) ? paintToken(need.paintId) : (need?.name ?? key)
}
const LEFT_OUT = {
  'other currency': 'in another currency than the budget',
  'no price': 'without a price',
  'sold out': 'sold out',
  'absurd price': 'with a price that cannot be right',
} as const
/** What of the budget was spent already. */
const already = computed(() => prepared.value?.spent ?? 0)
const why = computed(() => {
  if (!collection.budget) return 'Set a budget first.'
  if (accepted.value.length === 0) return 'Accept some needs first.'
  if (collection.shops.length === 0) return 'Ask a shop for prices first.'
  if (prepared.value?.problem.budget.periods === 0) return 'The time of the budget is over: set a new first day.'
  return ''
})
const said = ref('')
async function copy() {
  try {
    await navigator.clipboard.writeText(shoppingText(periods.value, currency.value))
    said.value = 'Copied.'
  } catch {
    said.value = 'The browser does not let it be copied: save it as text instead.'
  }
}
const print = () => window.print()
function order(buys: readonly PlannedBuy[]) {
  if (commands.buy(buys, today.value))
    said.value = 'Ordered. Under Orders you say when it comes; the rest is planned anew.'
}
/** What a period's purchases go to, by shop. */
const shopsOf = (buys: readonly PlannedBuy[]) => [...new Set(buys.map((b) => b.shop.name))].join(' and ')
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-[18rem_minmax(0,1fr)]">
    <div class="space-y-4 print:hidden">
      <BudgetForm />
      <p v-if="already" class="text-sm">
        {{ money(already) }} of it are spent already: what you ordered since it began.
      </p>
      <p v-if="prepared?.leftOut.length" class="hint text-sm">
        Left out:
        {{
          prepared.leftOut
            .map(
              (l) =>
                `${counted(l.lines, 'line')} of ${l.shop} ${LEFT_OUT[l.reason]}${l.currency ? ` (${l.currency})` : ''}`,
            )
            .join('; ')
        }}.
      </p>
      <p v-if="prepared?.nowhere.length" class="hint text-sm">
        No shop here has <SaidPaints :text="`${prepared.nowhere.map(shownOf).join(', ')}.`" />
      </p>
    </div>
    <section aria-label="Plan of purchases">
      <div class="mb-2 flex flex-wrap items-center gap-2 print:hidden">
        <button v-if="!isWorking" class="btn btn-primary" :disabled="Boolean(why)" @click="planning.begin()">
          Plan the buying
        </button>
        <button v-else class="btn" @click="planning.cancel()">Stop looking</button>
        <template v-if="plan?.buys.length">
          <button class="btn" @click="savePlanCalendar(periods, currency)">Calendar</button>
          <button class="btn" @click="savePlanText(periods, currency)">Text</button>
          <button class="btn" @click="copy">Copy</button>
          <button class="btn" @click="print">Print</button>
        </template>
        <span class="hint" role="status">{{ why || said }}</span>
      </div>
      <Refusal v-if="trouble" :says="trouble" />
      <WorkingBar v-if="isWorking" class="mb-2" label="Looking for a better plan" />
      <template v-if="plan">
        <p class="mb-1">
          {{ counted(plan.figures.servedFrom.size, 'need') }} served of {{ prepared?.problem.needs.length ?? 0 }}, for
          {{ money(plan.figures.cost) }} in all{{
            plan.figures.spare ? `; ${counted(plan.figures.spare, 'paint')} come besides` : '; no duplicates'
          }}.
        </p>
        <p class="hint mb-3">{{ sureInWords(plan, isDone) }}</p>
        <p v-if="plan.buys.length === 0" class="hint">Nothing fits the budget.</p>
        <ol>
          <li v-for="p in periods.filter((q) => q.buys.length)" :key="p.period" class="border-t border-line py-3">
            <div class="flex flex-wrap items-baseline gap-x-3">
              <h3>{{ dayInWords(p.day) }}</h3>
              <span class="hint grow"
                >{{ money(p.figures.spent)
                }}{{ p.figures.delivery ? `, of it ${money(p.figures.delivery)} delivery` : '' }};
                {{
                  p.figures.left < 0
                    ? `${money(-p.figures.left)} over, taken off the next`
                    : `${money(p.figures.left)} left`
                }}</span
              >
              <button
                class="btn print:hidden"
                :aria-label="`Ordered: ${shopsOf(p.buys)}, ${dayInWords(p.day)}`"
                @click="order(p.buys)"
              >
                I ordered this
              </button>
            </div>
            <ul class="mt-1">
              <li v-for="b in p.buys" :key="b.id" class="flex flex-wrap items-center gap-x-3 gap-y-0.5 py-0.5">
                <span class="flex w-30 shrink-0">
                  <PaintSwatch v-for="(s, i) in coloursOf(b.offer, 6)" :key="i" :paint="s" class="h-8 min-w-0 grow" />
                </span>
                <span class="min-w-0 grow basis-52"
                  >{{ b.words }}<span class="hint">, {{ b.shop.name }}</span
                  ><span v-if="b.serves.some((s) => s.match === 'same pigments')" class="hint">
                    (same pigments as
                    <SaidPaints
                      :text="`${listed(b.serves.filter((s) => s.match === 'same pigments').map((s) => shownOf(s.key)))})`" /></span
                  ><span v-if="b.offer.set" class="hint block text-[0.8125rem]"
                    ><SaidPaints :text="`for ${listed(b.serves.map((s) => shownOf(s.key)))}`" /></span
                ></span>
                <span>{{ money(b.offer.minor!) }}</span>
              </li>
            </ul>
          </li>
        </ol>
        <p v-if="unserved.length" class="mt-2">Not within this time: {{ unserved.map((n) => n.name).join(', ') }}.</p>
      </template>
      <EmptyPlan v-else-if="!isWorking" :why="why" />
    </section>
  </div>
</template>
