import type { Budget } from '@juxtachrome/core/documents'
import {
  type Need,
  type PlannedOffer,
  preparePurchases,
  type PurchasePlan,
  startOf,
  wordsOf,
} from '@juxtachrome/core/restocking'
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { useCollection } from '~/stores/collection'
import { useToday } from './useToday'
import { askForPurchases } from '~/workers/purchases'

/** One purchase of a plan: what, from whom, when. */
export interface PlannedBuy extends PlannedOffer {
  id: string
  period: number
  words: string
}

/** The plan of purchases for what is accepted, within the budget; asked for, followed, cancelled. */
export function usePurchasePlan(needs: () => readonly Need[]) {
  const collection = useCollection()
  const today = useToday()
  const isWorking = ref(false)
  const isDone = ref(false)
  const trouble = ref('')
  const plan = shallowRef<PurchasePlan>()
  const planned = shallowRef<{ budget: Budget; first: number }>()
  let asked: { cancel(): void } | undefined

  const prepared = computed(() => {
    const { budget } = collection
    if (!budget) return undefined
    const { shops, purchases } = collection
    return preparePurchases({ needs: needs(), shops, budget, purchases, today: today.value })
  })

  async function begin(): Promise<void> {
    asked?.cancel()
    const [ready, budget] = [prepared.value, collection.budget]
    plan.value = undefined
    isDone.value = false
    if (!ready || !budget) return
    trouble.value = ''
    isWorking.value = true
    planned.value = { budget, first: ready.first }
    const question = askForPurchases(ready.problem, budget.order, (soFar) => {
      if (asked === question) plan.value = soFar
    })
    asked = question
    const answer = await question.result
    if (asked !== question) return
    isWorking.value = false
    asked = undefined
    if (answer.ok) {
      plan.value = answer.value
      isDone.value = true
    } else if (answer.error.code !== 'cancelled') trouble.value = answer.error.message
  }
  function cancel(): void {
    asked?.cancel()
  }
  onScopeDispose(() => {
    const going = asked
    asked = undefined
    going?.cancel()
  })
  // a plan speaks of the prices, the budget and the orders it was made for
  watch(
    () => [collection.budget, collection.shops, collection.purchases] as const,
    () => {
      cancel()
      plan.value = undefined
    },
  )

  /** The purchases of the plan in order of time. */
  const buys = computed((): PlannedBuy[] => {
    const offers = prepared.value?.offers
    if (!plan.value || !offers) return []
    return [...plan.value.buys]
      .sort((p, q) => p.period - q.period)
      .flatMap(({ offer, period }) => {
        const known = offers.get(offer)
        return known ? [{ ...known, id: offer, period, words: wordsOf(known.offer.set, known.offer.holds) }] : []
      })
  })
  /** Period by period, with its first day. */
  const periods = computed(() => {
    const own = plan.value
    if (!own || !planned.value) return []
    const { budget, first } = planned.value
    return own.figures.periods.map((figures, period) => ({
      period,
      day: startOf(budget, first + period),
      figures,
      buys: buys.value.filter((b) => b.period === period),
    }))
  })
  const unserved = computed(() => {
    const served = plan.value?.figures.servedFrom
    const open = new Set((prepared.value?.problem.needs ?? []).map((n) => n.key))
    return served ? needs().filter((n) => open.has(n.key) && !served.has(n.key)) : []
  })
  return { prepared, plan, planned, buys, periods, unserved, begin, cancel, isWorking, isDone, trouble }
}
