import { Purse } from './purse'
import {
  availableIn,
  figuresOfPlan,
  isBetter,
  startOfBudget,
  type Buy,
  type PlanFigures,
  type PurchaseProblem,
  type SoldOffer,
} from './problem'

/** Goes through the periods; `pick` says what is bought next in one, or nothing more. */
export function periodByPeriod(
  { budget, shops }: PurchaseProblem,
  pick: (purse: Purse, period: number) => SoldOffer | undefined,
): Buy[] {
  const buys: Buy[] = []
  let left = startOfBudget(budget)
  for (let period = 0; period < budget.periods; period += 1) {
    const there = availableIn(budget, left)
    const purse = new Purse(shops, there + budget.over)
    for (let offer = pick(purse, period); offer; offer = pick(purse, period)) {
      purse.buy(offer)
      buys.push({ offer: offer.id, period })
    }
    left = there - purse.spent
  }
  return buys
}

/** Offers one after the other as they are to be bought, and how. */
export interface Sequence {
  offers: SoldOffer[]
  /** Only in every so many-th period something is ordered: fewer deliveries. */
  every: number
  /** Whether the next one is saved for, or what fits is bought meanwhile. */
  saves: boolean
}

/** Buys along a sequence, each as soon as it fits; what serves nothing any more is left out. */
export function buyAlong(problem: PurchaseProblem, { offers, every, saves }: Sequence): Buy[] {
  const open = new Set(problem.needs.map((n) => n.key))
  const left = [...offers]
  const last = problem.budget.periods - 1
  let [now, from] = [-1, 0]
  return periodByPeriod(problem, (purse, period) => {
    if (period % every !== every - 1 && period !== last) return undefined
    // what did not fit before in a period does not fit later in it
    if (period !== now) [now, from] = [period, 0]
    for (let i = from; i < left.length; i += 1) {
      const offer = left[i]!
      const fits = purse.fits(offer)
      if (!fits && saves) return undefined
      if (!fits) continue
      left.splice(i, 1)
      from = i
      i -= 1
      if (!offer.covers.some((key) => open.has(key))) continue
      for (const key of offer.covers) open.delete(key)
      return offer
    }
    from = left.length
    return undefined
  })
}

/** What an offer costs, over the years too. */
const costOf = ({ minor, later = 0 }: SoldOffer) => minor + later

/** Offers by what they serve for their money of what is still open, the best first, until nothing more can be served. */
export function byWorth({ needs }: PurchaseProblem, offers: readonly SoldOffer[]): SoldOffer[] {
  const open = new Map(needs.map((n) => [n.key, n.weight]))
  const left = new Set(offers)
  const sequence: SoldOffer[] = []
  for (;;) {
    let [best, most] = [undefined as SoldOffer | undefined, 0]
    for (const offer of left) {
      let serves = 0
      for (const key of offer.covers) serves += open.get(key) ?? 0
      if (serves === 0) left.delete(offer)
      else if (serves / (costOf(offer) + 1) > most) [best, most] = [offer, serves / (costOf(offer) + 1)]
    }
    if (!best) return sequence
    sequence.push(best)
    left.delete(best)
    for (const key of best.covers) open.delete(key)
  }
}

const RHYTHMS = [1, 2, 3, 4] as const

/**
 * A good plan at once: what serves most for its money first, from all shops or from one alone, ordered in every period or
 * in every second, third or fourth, saved for or not; or in every period what serves most for what it adds to the sum. The
 * best of these. Deterministic.
 */
export function firstPlan(problem: PurchaseProblem): { buys: Buy[]; sequence: Sequence } {
  const groups = [problem.offers, ...problem.shops.map((s) => problem.offers.filter((o) => o.shop === s.id))]
  const tried = groups.flatMap((offers) => {
    const sequence = byWorth(problem, offers)
    return RHYTHMS.flatMap((every) => [false, true].map((saves): Sequence => ({ offers: sequence, every, saves })))
  })
  const plans = tried.map((sequence) => ({ buys: buyAlong(problem, sequence), sequence }))
  const offerOf = new Map(problem.offers.map((o) => [o.id, o]))
  const stepwise = buyStepwise(problem)
  const bought = stepwise.map((b) => offerOf.get(b.offer)!)
  plans.push({ buys: stepwise, sequence: { offers: bought, every: 1, saves: false } })
  let best: (typeof plans)[number] & { figures: PlanFigures } = { ...plans[0]!, figures: figuresOfPlan(problem, []) }
  for (const plan of plans) {
    const figures = figuresOfPlan(problem, plan.buys)
    if (isBetter(figures, best.figures)) best = { ...plan, figures }
  }
  const { buys, sequence } = best
  const own = buys.map((b) => offerOf.get(b.offer)!)
  const next = sequence.offers.filter((o) => !own.includes(o)).slice(0, NEXT)
  return { buys, sequence: { ...sequence, offers: [...own, ...next] } }
}
/** So many offers that are not bought follow those that are, for whoever searches on. */
const NEXT = 30

/** In every period what serves most for what it adds to the sum, its delivery counted, as long as anything fits. */
function buyStepwise(problem: PurchaseProblem): Buy[] {
  const open = new Map(problem.needs.map((n) => [n.key, n.weight]))
  const left = new Set(problem.offers)
  return periodByPeriod(problem, (purse) => {
    let [best, most] = [undefined as SoldOffer | undefined, 0]
    for (const offer of left) {
      let serves = 0
      for (const key of offer.covers) serves += open.get(key) ?? 0
      if (serves === 0) left.delete(offer)
      else {
        const cost = purse.costOf(offer)
        const worth = serves / (cost + (offer.later ?? 0) + 1)
        if (worth > most && purse.spent + cost <= purse.most) [best, most] = [offer, worth]
      }
    }
    if (best) left.delete(best)
    for (const key of best?.covers ?? []) open.delete(key)
    return best
  })
}

/**
 * Strictly in one's own order: the next need of the list is bought before anything behind it, or saved for. Of the offers
 * that serve it the one is taken that costs least less what it spares of the needs behind.
 */
export function planInOrder(problem: PurchaseProblem): Buy[] {
  const open = new Set(problem.needs.map((n) => n.key))
  const waitsFor = problem.needs.filter((n) => problem.offers.some((o) => o.covers.includes(n.key)))
  const single = cheapestOf(problem)
  return periodByPeriod(problem, (purse) => {
    const next = waitsFor.find((n) => open.has(n.key))
    if (!next) return undefined
    const spares = (offer: SoldOffer) =>
      offer.covers.reduce((sum, key) => (key !== next.key && open.has(key) ? sum + (single.get(key) ?? 0) : sum), 0)
    const dearness = (offer: SoldOffer) => purse.costOf(offer) + (offer.later ?? 0) - spares(offer)
    const serving = problem.offers.filter((o) => o.covers.includes(next.key))
    const [best] = serving.filter((o) => purse.fits(o)).sort((p, q) => dearness(p) - dearness(q) || p.spare - q.spare)
    if (best) for (const key of best.covers) open.delete(key)
    return best
  })
}

/** What a need costs at least by itself. */
function cheapestOf({ offers }: PurchaseProblem): Map<string, number> {
  const least = new Map<string, number>()
  for (const { covers, minor } of offers)
    if (covers.length === 1) least.set(covers[0]!, Math.min(least.get(covers[0]!) ?? Infinity, minor))
  return least
}
