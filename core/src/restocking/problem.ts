/** One thing that is needed, and how much it matters, 1 upward, whole numbers. In one's own order the list is that order. */
export interface WantedNeed {
  key: string
  weight: number
}

/** Something a shop sells that serves needs: a single paint or a set. Money in whole hundredths of one currency. */
export interface SoldOffer {
  id: string
  shop: string
  minor: number
  /** Keys of the needs that it serves. */
  covers: readonly string[]
  /** Paints in it that nobody needs: owned already, in it twice, or not wanted. */
  spare: number
  /** What a smaller size costs more over the years than the one that suits best, hundredths; nothing left out. */
  later?: number
}

export interface ShopTerms {
  id: string
  /** What a delivery costs, hundredths, and from which sum of goods on it is free. */
  delivery: number
  freeFrom?: number
}

export interface BudgetTerms {
  /** Hundredths for each period. */
  minor: number
  periods: number
  /** What is not spent stays for the next. */
  carries: boolean
  /** So much over is allowed, and is taken off the next; hundredths. */
  over: number
  /** What is there before the first period: left from before, or below 0 what was spent already; hundredths. */
  start?: number
}

/** What is there before the first period; of a debt beyond what one period can pay back the rest is let go where nothing is carried over. */
export const startOfBudget = ({ minor, over, carries, start = 0 }: BudgetTerms): number =>
  carries ? start : Math.max(-(minor + over), Math.min(0, start))

export interface PurchaseProblem {
  needs: readonly WantedNeed[]
  offers: readonly SoldOffer[]
  shops: readonly ShopTerms[]
  budget: BudgetTerms
}

/** What is bought in which period, counted from 0. */
export interface Buy {
  offer: string
  period: number
}

/** What one period costs and leaves. */
export interface PeriodSpending {
  goods: number
  delivery: number
  spent: number
  /** What is left for the next; below 0 what was spent over. */
  left: number
}

export interface PlanFigures {
  /** Sum over the needs of their weight times the periods for which they are served: the sooner the more. */
  value: number
  /** Goods and deliveries, hundredths. */
  cost: number
  /** What smaller sizes will cost more over the years, hundredths. */
  later: number
  /** Paints that come besides what is needed. */
  spare: number
  periods: PeriodSpending[]
  /** The period from which on a need is served. */
  servedFrom: ReadonlyMap<string, number>
  /** The first period that costs more than is there; undefined where all is well. */
  overspentIn?: number
}

/** What a shop asks for a delivery of goods of so much. */
export const deliveryOf = ({ delivery, freeFrom }: ShopTerms, goods: number): number =>
  goods === 0 || (freeFrom !== undefined && goods >= freeFrom) ? 0 : delivery

/** What is there in a period, given what the one before left; without carrying over what was left is gone, not what was overspent. */
export const availableIn = ({ minor, carries }: BudgetTerms, left: number): number =>
  minor + (carries ? left : Math.min(0, left))

/** What a problem holds by name, made once. */
const tables = new WeakMap<PurchaseProblem, { offers: Map<string, SoldOffer>; wanted: Set<string> }>()
function tablesOf(problem: PurchaseProblem) {
  const known = tables.get(problem) ?? {
    offers: new Map(problem.offers.map((o) => [o.id, o])),
    wanted: new Set(problem.needs.map((n) => n.key)),
  }
  tables.set(problem, known)
  return known
}

/** What a plan costs and gives; whole hundredths throughout. Errors are not thrown: an offer that is unknown counts for nothing. */
export function figuresOfPlan(problem: PurchaseProblem, buys: readonly Buy[]): PlanFigures {
  const { needs, shops, budget } = problem
  const { offers, wanted } = tablesOf(problem)
  const goods = Array.from({ length: budget.periods }, () => new Map<string, number>())
  const servedFrom = new Map<string, number>()
  let [spare, later] = [0, 0]
  for (const { offer: id, period } of [...buys].sort((p, q) => p.period - q.period)) {
    const offer = offers.get(id)
    const own = goods[period]
    if (!offer || !own) continue
    own.set(offer.shop, (own.get(offer.shop) ?? 0) + offer.minor)
    spare += offer.spare
    later += offer.later ?? 0
    for (const key of offer.covers) {
      if (!wanted.has(key)) continue
      if (servedFrom.has(key)) spare += 1
      else servedFrom.set(key, period)
    }
  }
  let left = startOfBudget(budget)
  let overspentIn: number | undefined
  const periods = goods.map((byShop, period): PeriodSpending => {
    const sum = [...byShop.values()].reduce((total, minor) => total + minor, 0)
    const delivery = shops.reduce((total, shop) => total + deliveryOf(shop, byShop.get(shop.id) ?? 0), 0)
    left = availableIn(budget, left) - sum - delivery
    // what was owed before is no fault of the plan, as long as it adds nothing to it
    if (sum + delivery > 0 && left < -budget.over) overspentIn ??= period
    return { goods: sum, delivery, spent: sum + delivery, left }
  })
  return {
    value: needs.reduce((total, { key, weight }) => {
      const from = servedFrom.get(key)
      return from === undefined ? total : total + weight * (budget.periods - from)
    }, 0),
    cost: periods.reduce((total, p) => total + p.spent, 0),
    later,
    spare,
    periods,
    servedFrom,
    ...(overspentIn === undefined ? {} : { overspentIn }),
  }
}

/** What a plan costs now and, by its sizes, over the years, hundredths. */
export const wholeCost = ({ cost, later }: PlanFigures): number => cost + later

/** Whether one plan is better than another: more served sooner, then for less in all, then with less besides. */
export const isBetter = (one: PlanFigures, other: PlanFigures): boolean =>
  one.value !== other.value
    ? one.value > other.value
    : wholeCost(one) !== wholeCost(other)
      ? wholeCost(one) < wholeCost(other)
      : one.spare < other.spare
