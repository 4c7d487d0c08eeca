import type { Paint } from '../documents/paint'
import type { Palette, PlacePlan } from '../documents/palette'
import { planAt } from '../documents/plan'
import { byLightness, viewOfPaint, type PaintView } from '../paints/view'
import { randomFrom } from '../random'
import { toTheEnd } from '../steps'
import { type Assignment, costOf, exchangeCost, type Order, searchAssignment } from './assignment'
import { type Gap, gapsOfWheel } from './gapsOfWheel'
import { ARRANGE_WISHES, type ArrangeContext, type ArrangeWish, type At, type Blend } from './arrangeWishes'
import { type PlaceTraits, traitsOfPlaces } from './placeTraits'

export interface ArrangeQuestion {
  palette: Palette
  paints: readonly Paint[]
  blend: Blend
  context?: ArrangeContext
  /** Pairs of paints that must not lie side by side. */
  forbidden?: readonly (readonly [string, string])[]
  seed?: number
}

/** How well a wish is met: 0 as by chance, 1 as well as it could be met alone; below 0 it is worse than by chance. */
export interface WishScore {
  wish: string
  score: number
}
export interface Arranged {
  plan: Palette['plan']
  moved: string[]
  scores: WishScore[]
  /** Forbidden neighbours that could not be kept apart. */
  broken: [string, string][]
}
const NOTHING: ArrangeContext = { key: '', use: () => 0, areMixed: () => false }
/** Random orders by which a wish is measured. */
const SAMPLES = 120
/** What a forbidden neighbourhood costs: more than all wishes together. */
const FORBIDDEN = 1000

interface Range {
  chance: number
  spread: number
  /** What it could have alone; worked out when it is first asked for. */
  readonly best: number
}
const MOST_RANGES = 200
const ranges = new WeakMap<Palette['holder'], Map<string, Range>>()
function rangesOf(holder: Palette['holder']): Map<string, Range> {
  const own = ranges.get(holder) ?? new Map<string, Range>()
  ranges.set(holder, own)
  return own
}

/** A wish in numbers for one palette: its own problem, what chance gives, and the best that it could have alone. */
interface Measured {
  wish: ArrangeWish
  problem: Assignment
  range: Range
}

/**
 * What a blend of wishes comes to for a palette: a problem to search, and each wish's own measure. Locked and reserved
 * places keep what they hold; empties are all alike.
 */
export class ArrangeProblem {
  readonly traits: PlaceTraits
  /** What lies in each place now: a number for each paint, in the order of `views`, then the empties. */
  readonly start: Order
  readonly views: (PaintView | undefined)[]
  readonly plans: (PlacePlan | undefined)[]
  readonly problem: Assignment
  readonly measured: Measured[]
  /** What places are kept free for: the content of a place, by the missing hue. */
  readonly gaps: ReadonlyMap<number, Gap>
  readonly #pinned: Uint8Array

  constructor(readonly question: ArrangeQuestion) {
    const { palette, paints, blend, context = NOTHING, forbidden = [] } = question
    const byId = new Map(paints.map((p) => [p.id, p]))
    this.traits = traitsOfPlaces(palette.holder)
    const { ids } = this.traits
    const n = ids.length
    // every place's content is a thing of its own, so that a paint that lies twice lies twice again
    this.plans = ids.map((id) => planAt(palette, id))
    this.views = this.plans.map((plan) => {
      const paint = plan?.paintId === undefined ? undefined : byId.get(plan.paintId)
      return paint && viewOfPaint(paint)
    })
    this.start = Int32Array.from(ids, (_, i) => i)
    this.#pinned = Uint8Array.from(this.plans, (plan) => Number(Boolean(plan?.locked || plan?.reserved !== undefined)))
    this.gaps = (blend.gap ?? 0) > 0 ? this.#keepFree() : new Map()
    const alike = Int32Array.from(this.plans, (plan, i) => (plan === undefined && !this.gaps.has(i) ? 0 : -1))
    const weigh = (wish: ArrangeWish) => Math.max(0, Math.min(1, blend[wish.id] ?? 0))
    this.measured = ARRANGE_WISHES.filter((w) => weigh(w) > 0).map((wish) => this.#measure(wish, context, alike))
    const pairs = { near: new Float64Array(n * n), across: new Float64Array(n * n) }
    const own = new Float64Array(n * n)
    for (const { wish, problem, range } of this.measured) {
      const scale = weigh(wish) / range.spread
      if (wish.kernel) problem.kernels[0]!.pairs.forEach((c, k) => (pairs[wish.kernel!]![k]! += scale * c))
      problem.own.forEach((c, k) => (own[k]! += scale * c))
    }
    const kernels: { pairs: Float64Array; places: Float64Array }[] = (['near', 'across'] as const)
      .filter((k) => pairs[k].some((c) => c !== 0))
      .map((k) => ({ pairs: pairs[k], places: this.traits[k] }))
    const apart = this.#forbid(forbidden)
    if (apart) kernels.push({ pairs: apart, places: this.traits.adjacent })
    this.problem = { n, kernels, own, pinned: this.#pinned, alike }
  }

  #forbid(forbidden: NonNullable<ArrangeQuestion['forbidden']>): Float64Array | undefined {
    if (forbidden.length === 0) return undefined
    const n = this.plans.length
    const m = new Float64Array(n * n)
    const is = (i: number, id: string) => this.plans[i]?.paintId === id
    for (const [p, q] of forbidden)
      for (let i = 0; i < n; i += 1)
        for (let j = 0; j < n; j += 1) if ((is(i, p) && is(j, q)) || (is(i, q) && is(j, p))) m[i * n + j] = FORBIDDEN
    return m
  }

  #measure(wish: ArrangeWish, context: ArrangeContext, alike: Int32Array): Measured {
    const n = this.plans.length
    const own = new Float64Array(n * n)
    const pairs = new Float64Array(n * n)
    const light = this.#lightRanks()
    const at =
      (i: number, a: number): At =>
      (t) =>
        t === 'light' ? light[i]! : this.traits[t][a]!
    let [sum, count] = [0, 0]
    this.views.forEach((view, i) => {
      if (!view) return
      if (wish.own) for (let a = 0; a < n; a += 1) own[i * n + a] = wish.own(view, at(i, a), context)
      if (wish.pair)
        this.views.forEach((other, j) => {
          if (!other || i === j) return
          pairs[i * n + j] = wish.pair!(view, other, context)
          sum += pairs[i * n + j]!
          count += 1
        })
    })
    const { kept } = wish
    if (kept)
      for (const [i, { hue }] of this.gaps)
        this.views.forEach((view, j) => {
          if (view) pairs[i * n + j] = pairs[j * n + i] = kept(hue, view)
        })
    if (wish.draws)
      this.views.forEach((view, i) =>
        this.views.forEach((other, j) => view && other && i !== j && (pairs[i * n + j]! -= sum / count)),
      )
    const kernels = wish.kernel ? [{ pairs, places: this.traits[wish.kernel] }] : []
    const problem: Assignment = { n, kernels, own, pinned: this.#pinned, alike }
    const range = this.#range(wish, problem, context)
    return { wish, problem, range }
  }

  /** Empties for the widest gaps of the wheel, each the one that lies best for it as the plan stands. */
  #keepFree(): Map<number, Gap> {
    const empties = new Set([...this.start].filter((i) => this.plans[i] === undefined))
    const gaps = gapsOfWheel(this.views.flatMap((v) => v ?? [])).slice(0, empties.size)
    const n = this.plans.length
    const kept = ARRANGE_WISHES.find((w) => w.kept)!.kept!
    return new Map(
      gaps.map((gap) => {
        const cost = (i: number) =>
          this.views.reduce((sum, v, j) => sum + (v ? this.traits.near[i * n + j]! * kept(gap.hue, v) : 0), 0)
        const best = [...empties].reduce((p, q) => (cost(q) < cost(p) ? q : p))
        empties.delete(best)
        return [best, gap]
      }),
    )
  }

  /** Where each paint would lie if all lay from light to dark, 0..1 along the walk; the empties come last. */
  #lightRanks(): Float64Array {
    const n = this.plans.length
    const ranks = new Float64Array(n)
    const lying = this.views.flatMap((view, i) => (view ? [{ view, i }] : []))
    lying.sort((p, q) => byLightness(p.view, q.view) || p.i - q.i)
    lying.forEach(({ i }, rank) => (ranks[i] = n > 1 ? rank / (n - 1) : 0))
    return ranks
  }

  /** What chance gives a wish and what it could have alone; the same however the paints lie, so worked out once. */
  #range(wish: ArrangeWish, problem: Assignment, context: ArrangeContext): Range {
    const things = this.plans.map((p) => `${p?.paintId ?? ''}${p && !p.paintId ? '-' : ''}`)
    const pins = things.filter((_, i) => this.#pinned[i]).join()
    const key = [wish.id, context.key, [...things].sort().join(), pins, this.#pinned.join('')].join('|')
    const ranges = rangesOf(this.question.palette.holder)
    const known = ranges.get(key)
    if (known) return known
    const range = this.#workOutRange(problem)
    if (ranges.size > MOST_RANGES) ranges.clear()
    ranges.set(key, range)
    return range
  }
  #workOutRange(problem: Assignment): Range {
    const random = randomFrom(7)
    const free = [...this.start.keys()].filter((p) => !this.#pinned[p])
    const order = this.start.slice()
    const costs = Array.from({ length: SAMPLES }, () => {
      for (let i = free.length - 1; i > 0; i -= 1) {
        const [a, b] = [free[i]!, free[Math.floor(random() * (i + 1))]!]
        const u = order[a]!
        order[a] = order[b]!
        order[b] = u
      }
      return costOf(problem, order)
    })
    const chance = costs.reduce((sum, c) => sum + c, 0) / SAMPLES
    const spread = Math.sqrt(costs.reduce((sum, c) => sum + (c - chance) ** 2, 0) / SAMPLES)
    const { start } = this
    let best: number | undefined
    return {
      chance,
      spread: Math.max(spread, 1e-9),
      get best() {
        if (spread < 1e-9) return chance
        return (best ??= toTheEnd(searchAssignment({ problem, start, runs: 2, kicks: 0.2 })).cost)
      },
    }
  }

  scoresOf(order: Order): WishScore[] {
    // a wish that nothing here bears on has no score
    return this.measured
      .filter(({ range }) => range.chance - range.best > 1e-9)
      .map(({ wish, problem, range: { chance, best } }) => ({
        wish: wish.id,
        score: (chance - costOf(problem, order)) / (chance - best),
      }))
  }

  /** The plan that an order stands for; what is kept free or locked stays as it was. */
  planOf(order: Order): Palette['plan'] {
    const entries = this.traits.ids.flatMap((id, a): [string, PlacePlan][] => {
      const plan = this.plans[order[a]!]
      return plan ? [[id, plan]] : []
    })
    return Object.fromEntries(entries)
  }

  /** A plan with what there is to say of it; the scores cost a while the first time, and can be left out on the way. */
  describe(order: Order, isEnd = true): Arranged {
    const plan = this.planOf(order)
    const { palette } = this.question
    const moved = this.traits.ids.filter((id) => planAt({ plan }, id)?.paintId !== planAt(palette, id)?.paintId)
    return { plan, moved, scores: isEnd ? this.scoresOf(order) : [], broken: this.brokenIn(order) }
  }

  /** Forbidden neighbours that lie side by side all the same. */
  brokenIn(order: Order): [string, string][] {
    const n = this.plans.length
    const at = (id: string) => [...order.keys()].filter((a) => this.plans[order[a]!]?.paintId === id)
    return (this.question.forbidden ?? []).flatMap(([p, q]): [string, string][] =>
      at(p).some((a) => at(q).some((b) => this.traits.adjacent[a * n + b])) ? [[p, q]] : [],
    )
  }

  /** What exchanging two places adds to the cost of the whole, or of one wish as the plan lies. */
  exchange = (order: Order, a: number, b: number) => exchangeCost(this.problem, order, a, b)
  exchangeOf = (problem: Assignment, a: number, b: number) => exchangeCost(problem, this.start, a, b)
}
