import { firstPlan, planInOrder } from './firstPlan'
import { improvePlan } from './improvePlan'
import type { Solve } from './linearModel'
import {
  type BudgetTerms,
  type Buy,
  figuresOfPlan,
  isBetter,
  type PlanFigures,
  type PurchaseProblem,
  startOfBudget,
} from './problem'
import { purchaseModel } from './purchaseModel'

/** A plan of what to buy when, and how sure it is that none is better. */
export interface PurchasePlan {
  buys: Buy[]
  figures: PlanFigures
  /** No plan gives more value than this; undefined while nothing is known, and in one's own order. */
  bound?: number
  /** `first`: found at once. `proven`: none is better. `within`: none gives more than `bound`. `in order`: as was asked. */
  state: 'first' | 'proven' | 'within' | 'in order'
}

export interface PlanOptions {
  order: 'best value' | 'in my order'
  solve: Solve
  /** Hears of every better plan. */
  tell?: (plan: PurchasePlan) => void
}

/** Up to so many offers times periods the whole is solved at once; beyond, first what is bought and then when. */
const AT_ONCE = 900
/** Nodes of the search, times offers and periods (judgement: a few seconds); at most so many where it is tiny. */
const NODES = 2500
const MOST_NODES = 200
/** Steps of the search by small changes times the offers looked at in each: about a second's worth. */
const LOOKS = 500_000
/** No more steps than so many for each offer: a few offers are soon gone through. */
const STEPS_EACH = 150

/**
 * What to buy, where and when, so that what matters is there soonest within the budget; of plans as good the cheapest,
 * then the one with the fewest duplicates. A good plan is told at once, better ones as they are found. Small problems are
 * solved whole and proven; large ones are searched by small changes, and a bound on what any plan could give is reckoned
 * from the linear relaxation of what can be had by the end of every period. Undefined when it was cancelled.
 *
 * Source of the form: weighted set cover and a knapsack over time as mixed integer programmes; see docs/decisions.
 */
export async function planPurchases(
  problem: PurchaseProblem,
  { order, solve, tell }: PlanOptions,
): Promise<PurchasePlan | undefined> {
  const known = usable(problem)
  if (order === 'in my order') {
    const buys = planInOrder(known)
    return { buys, figures: figuresOfPlan(known, buys), state: 'in order' }
  }
  const first = firstPlan(known)
  const finding = new Finding(known, tell)
  finding.offer(first.buys)
  if (known.offers.length === 0 || mostOf(known.budget) <= 0) return finding.end('proven')
  const length = first.sequence.offers.length + 1
  const steps = Math.ceil(Math.min(LOOKS / length, STEPS_EACH * length))
  for (const { buys } of improvePlan(known, first.sequence, steps)) finding.offer(buys)
  const size = known.offers.length * known.budget.periods
  if (size > AT_ONCE) return boundAndSchedule(finding, solve)
  return solveWhole(finding, solve, Math.min(MOST_NODES, Math.round(NODES / size)))
}

/** The most that could ever be spent on one thing, hundredths. */
const mostOf = ({ minor, periods, carries, over, start = 0 }: BudgetTerms): number =>
  periods === 0 ? 0 : (carries ? minor * periods + start : minor) + over

/** Offers that serve nothing wanted, or cost more than all the money there will be, only make the search longer. */
function usable(problem: PurchaseProblem): PurchaseProblem {
  const wanted = new Set(problem.needs.map((n) => n.key))
  const most = mostOf(problem.budget)
  return { ...problem, offers: problem.offers.filter((o) => o.minor <= most && o.covers.some((k) => wanted.has(k))) }
}

/** The best plan so far. */
class Finding {
  best: PurchasePlan | undefined

  constructor(
    readonly problem: PurchaseProblem,
    readonly tell?: (plan: PurchasePlan) => void,
  ) {}

  /** Takes a plan where it keeps to the budget and is better than the best. */
  offer(buys: Buy[], bound?: number): void {
    const figures = figuresOfPlan(this.problem, buys)
    const isFirst = this.best === undefined
    if (figures.overspentIn !== undefined || (!isFirst && !isBetter(figures, this.best!.figures))) return
    this.best = { buys, figures, state: isFirst ? 'first' : 'within', ...(bound === undefined ? {} : { bound }) }
    this.tell?.(this.best)
  }
  end(state: PurchasePlan['state'], bound?: number): PurchasePlan {
    const value = bound === undefined ? undefined : Math.max(bound, this.best!.figures.value)
    const { buys, figures } = this.best!
    return { buys, figures, state, ...(value === undefined ? {} : { bound: value }) }
  }
}

async function solveWhole(finding: Finding, solve: Solve, nodes: number): Promise<PurchasePlan | undefined> {
  const { problem } = finding
  const byValue = purchaseModel(problem, { goal: 'value' })
  const first = await solve(byValue.model, {
    nodes,
    start: byValue.write(finding.best!.buys),
    improving: (values, bound) => finding.offer(byValue.read(values), bound),
  })
  if (!first) return undefined
  if (first.values) finding.offer(byValue.read(first.values), first.bound)
  if (!first.isProven) return finding.end('within', first.bound)
  const { value } = finding.best!.figures
  const byCost = purchaseModel(problem, { goal: 'cost', atLeast: value })
  const second = await solve(byCost.model, { nodes, start: byCost.write(finding.best!.buys) })
  if (!second) return undefined
  if (second.values) finding.offer(byCost.read(second.values))
  // the value is proven either way; what is not is only that nothing as good is cheaper
  return finding.end(second.isProven ? 'proven' : 'within', value)
}

async function boundAndSchedule(finding: Finding, solve: Solve): Promise<PurchasePlan | undefined> {
  const { problem } = finding
  const bound = await boundOf(problem, solve)
  if (bound === undefined) return undefined
  // when is ordered best, given what is bought: what the search has chosen, then what would be chosen if all were spent at once
  const chosen = new Set(finding.best!.buys.map((b) => b.offer))
  const covering = await coverAtOnce(problem, solve)
  if (!covering) return undefined
  for (const offers of [chosen, covering]) {
    const few: PurchaseProblem = { ...problem, offers: problem.offers.filter((o) => offers.has(o.id)) }
    finding.offer(firstPlan(few).buys, bound)
    const start = offers === chosen ? finding.best!.buys : firstPlan(few).buys
    const when = purchaseModel(few, { goal: 'value' })
    const improving = (values: readonly number[]) => finding.offer(when.read(values), bound)
    const scheduled = await solve(when.model, { nodes: 0, start: when.write(start), improving })
    if (!scheduled) return undefined
    if (scheduled.values) finding.offer(when.read(scheduled.values), bound)
  }
  return finding.end(finding.best!.figures.value >= bound ? 'proven' : 'within', bound)
}

/** What is bought where all the money is there at once: the offers that serve most, by a solver. */
async function coverAtOnce(problem: PurchaseProblem, solve: Solve): Promise<Set<string> | undefined> {
  const { minor, periods, over } = problem.budget
  const start = startOfBudget(problem.budget)
  const whole = { ...problem, budget: { minor: minor * periods, periods: 1, carries: true, over, start } }
  const byValue = purchaseModel(whole, { goal: 'value' })
  const most = await solve(byValue.model, { nodes: 0 })
  return most && new Set(byValue.read(most.values ?? []).map((b) => b.offer))
}

/**
 * What no plan can pass: for every period what could be had by its end if all money until then were spent at once, anything
 * between nothing and all of an offer being allowed. Undefined when it was cancelled.
 */
async function boundOf(problem: PurchaseProblem, solve: Solve): Promise<number | undefined> {
  const { periods, minor, over } = problem.budget
  const all = problem.needs
    .filter(({ key }) => problem.offers.some((o) => o.covers.includes(key)))
    .reduce((sum, { weight }) => sum + weight, 0)
  let [bound, most] = [0, 0]
  for (let t = 1; t <= periods; t += 1) {
    if (most < all) {
      const budget = { minor: minor * t, periods: 1, carries: true, over, start: startOfBudget(problem.budget) }
      const relaxed = await solve(purchaseModel({ ...problem, budget }, { goal: 'value', isRelaxed: true }).model, {
        nodes: 0,
      })
      if (!relaxed) return undefined
      most = Math.min(all, relaxed.isProven ? Math.floor(relaxed.bound + 1e-6) : all)
    }
    bound += most
  }
  return bound
}
