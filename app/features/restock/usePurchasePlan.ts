import { same, type Budget } from '@juxtachrome/core/documents'
import {
  type Need,
  type PlannedOffer,
  preparePurchases,
  type Prepared,
  type PurchasePlan,
  startOf,
  wordsOf,
} from '@juxtachrome/core/restocking'
import { computed, ref, shallowRef, watch } from 'vue'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useCollection } from '~/stores/collection'
import { plannedNeeds } from './plannedNeeds'
import { useToday } from '~/shared/ui/useToday'

/** One purchase of a plan: what, from whom, when. */
export interface PlannedBuy extends PlannedOffer {
  id: string
  period: number
  words: string
}

/** The plan of purchases for what is accepted, within the budget; asked for, followed, cancelled, and made anew when what it was made from changes. */
export function usePurchasePlan(needs: () => readonly Need[]) {
  const collection = useCollection()
  const today = useToday()
  const { ask, cancel, isWorking, trouble } = useQuestion('solvePurchases')
  const isDone = ref(false)
  const plan = shallowRef<PurchasePlan>()
  /** What the plan was made from: whatever is said of the plan is reckoned from this. */
  const basis = shallowRef<{ prepared: Prepared; budget: Budget }>()

  const prepared = computed(() => {
    const { budget } = collection
    if (!budget) return undefined
    const { shops, purchases } = collection
    return preparePurchases({ needs: needs(), shops, budget, purchases, today: today.value })
  })

  async function begin(): Promise<void> {
    const [ready, budget] = [prepared.value, collection.budget]
    plan.value = undefined
    isDone.value = false
    basis.value = ready && budget ? { prepared: ready, budget } : undefined
    if (!ready || !budget) return cancel()
    const answer = await ask({ problem: ready.problem, order: budget.order }, (soFar) => (plan.value = soFar))
    if (!answer) return
    plan.value = answer
    isDone.value = true
  }
  // a plan speaks of the needs, the prices, the budget and the orders that it was made from
  watch(prepared, (now) => {
    const was = basis.value
    if (!was) return
    const isSame = now && same(now.problem, was.prepared.problem) && same(collection.budget, was.budget)
    if (isSame) basis.value = { ...was, prepared: now }
    else void begin()
  })

  /** The purchases of the plan in order of time. */
  const buys = computed((): PlannedBuy[] => {
    const offers = basis.value?.prepared.offers
    if (!plan.value || !offers) return []
    return [...plan.value.buys]
      .sort((p, q) => p.period - q.period)
      .flatMap(({ offer, period }) => {
        const known = offers.get(offer)
        return known ? [{ ...known, id: offer, period, words: wordsOf(known.offer.set, known.offer.holds) }] : []
      })
  })
  watch(buys, (all) => (plannedNeeds.value = new Set(all.flatMap((b) => b.serves.map((s) => s.key)))))
  /** Period by period, with its first day. */
  const periods = computed(() => {
    const own = plan.value
    if (!own || !basis.value) return []
    const { budget, prepared: from } = basis.value
    return own.figures.periods.map((figures, period) => ({
      period,
      day: startOf(budget, from.first + period),
      figures,
      buys: buys.value.filter((b) => b.period === period),
    }))
  })
  const unserved = computed(() => {
    const served = plan.value?.figures.servedFrom
    const open = new Set((basis.value?.prepared.problem.needs ?? []).map((n) => n.key))
    return served ? needs().filter((n) => open.has(n.key) && !served.has(n.key)) : []
  })
  const planned = computed(() => basis.value && { budget: basis.value.budget, first: basis.value.prepared.first })
  return { prepared, plan, planned, buys, periods, unserved, begin, cancel, isWorking, isDone, trouble }
}
