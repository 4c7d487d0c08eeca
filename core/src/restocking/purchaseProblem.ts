import type { Budget } from '../documents/budget'
import type { Offer } from '../documents/offer'
import type { Purchase } from '../documents/purchase'
import type { Shop } from '../documents/shop'
import type { Need } from './need'
import { judgeOffers, matchOf, type Unusable } from './offers'
import type { BudgetTerms, PurchaseProblem, SoldOffer } from './problem'
import { standingSum } from './orders'
import type { PlannedOffer } from './plannedOffer'
import { DAYS_A_YEAR, startOf } from './periods'
import { sizesToChoose } from './sizes'
import { daysBetween } from '../units/calendar'

/** What was left out of the planning, and why. */
export interface LeftOut {
  shop: string
  reason: Unusable | 'other currency'
  lines: number
  /** The currency of the shop, where that is the reason. */
  currency?: string
}
export interface Prepared {
  problem: PurchaseProblem
  offers: ReadonlyMap<string, PlannedOffer>
  leftOut: LeftOut[]
  /** Needs that no shop has. */
  nowhere: string[]
  /** What was spent of the budget already, hundredths, and the period of the budget that is planned first. */
  spent: number
  first: number
}

export interface PrepareQuestion {
  /** Accepted needs in one's own order. */
  needs: readonly Need[]
  shops: readonly Shop[]
  budget: Budget
  /** What was ordered already: of the budget's time it counts as spent. */
  purchases: readonly Purchase[]
  today: string
}

/**
 * The problem of buying what is needed from shops' lists: of every paint at every shop the sizes that suit how much is
 * used and how much there is to spend, and the sets that serve anything needed. Shops that ask for another money than the budget's are left out: sums in
 * two currencies are never added. What is on order already is not bought again.
 */
export function preparePurchases(question: PrepareQuestion): Prepared {
  const { needs, shops, budget } = question
  const open = needs.filter((n) => n.onOrder === 0)
  const offers = new Map<string, PlannedOffer>()
  const sold: SoldOffer[] = []
  const leftOut: LeftOut[] = []
  const { terms, first, spent } = budgetFrom(question)
  const most = (budget.carries ? budget.minor * terms.periods + (terms.start ?? 0) : budget.minor) + budget.over
  const years = daysBetween(startOf(budget, first), startOf(budget, budget.periods)) / DAYS_A_YEAR
  for (const shop of shops) {
    if (shop.currency !== budget.currency) {
      leftOut.push({ shop: shop.name, reason: 'other currency', lines: shop.offers.length, currency: shop.currency })
      continue
    }
    const usable = usableOffers(shop, leftOut)
    const add = (offer: Offer, serves: PlannedOffer['serves'], later = 0) => {
      const id = `${shop.id}/${offer.id}`
      offers.set(id, { shop, offer, serves })
      const covers = [...new Set(serves.map((s) => s.key))]
      // a paint that is in a set twice, is owned, or is not wanted comes besides
      const spare = offer.set ? Math.max(0, offer.holds.length - covers.length) : 0
      sold.push({ id, shop: shop.id, minor: offer.minor!, covers, spare, ...(later ? { later } : {}) })
    }
    for (const need of open) {
      const single = usable.filter((o) => !o.set && matchOf(need, o.holds[0]!))
      // the very paint before another maker's of the same pigments, within one shop
      const same = single.filter((o) => matchOf(need, o.holds[0]!) === 'the same')
      const match = same.length ? same : single
      const affordable = match.filter((o) => (o.minor ?? 0) <= most)
      for (const { offer, later } of sizesToChoose(affordable.length ? affordable : match, need.perYear, years))
        add(offer, servesOf(offer, open), later)
    }
    for (const offer of usable)
      if (offer.set) {
        const serves = servesOf(offer, open)
        if (serves.length) add(offer, serves)
      }
  }
  const unique = [...new Map(sold.map((s) => [s.id, s])).values()]
  const served = new Set(unique.flatMap((s) => s.covers))
  return {
    problem: {
      needs: weighed(open),
      offers: unique,
      shops: shops.map(({ id, delivery = 0, freeFrom }) => ({ id, delivery, ...(freeFrom ? { freeFrom } : {}) })),
      budget: terms,
    },
    offers,
    leftOut,
    nowhere: open.filter((n) => !served.has(n.key)).map((n) => n.key),
    spent,
    first,
  }
}

/** The budget as it is today: periods that are past are past, and what was ordered since it began is spent. */
function budgetFrom({ budget, purchases, today }: PrepareQuestion): {
  terms: BudgetTerms
  first: number
  spent: number
} {
  const { minor, periods, carries, over, currency } = budget
  let first = 0
  while (first < periods && startOf(budget, first + 1) <= today) first += 1
  // without carrying over only what was spent in this period matters
  const since = carries ? budget.from : startOf(budget, first)
  const spent = purchases
    .filter((p) => p.currency === currency && p.day >= since)
    .reduce((sum, p) => sum + standingSum(p), 0)
  const start = (carries ? first * minor : 0) - spent
  return { terms: { minor, periods: periods - first, carries, over, ...(start ? { start } : {}) }, first, spent }
}

/** A hand-made order counts: the first a hundred, the last a fifth of that. Without one the reasons decide. */
function weighed(needs: readonly Need[]): PurchaseProblem['needs'] {
  const isRanked = needs.some((n) => n.answer?.rank !== undefined)
  const steps = Math.max(1, needs.length - 1)
  return needs.map(({ key, weight }, i) => ({
    key,
    weight: isRanked ? Math.round(100 - (80 * i) / steps) : Math.round(weight),
  }))
}

function servesOf(offer: Offer, needs: readonly Need[]): PlannedOffer['serves'] {
  return needs.flatMap((need) => {
    const matches = offer.holds.flatMap((h) => matchOf(need, h) ?? [])
    const match = matches.includes('the same') ? 'the same' : matches[0]
    return match ? [{ key: need.key, match }] : []
  })
}

function usableOffers(shop: Shop, leftOut: LeftOut[]): Offer[] {
  const judge = judgeOffers(shop)
  const why = new Map<Unusable, number>()
  const usable = shop.offers.filter((offer) => {
    const reason = judge(offer)
    if (reason) why.set(reason, (why.get(reason) ?? 0) + 1)
    return !reason
  })
  for (const [reason, lines] of why) leftOut.push({ shop: shop.name, reason, lines })
  return usable
}
