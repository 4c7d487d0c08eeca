import { randomFrom } from '../random'

/**
 * Which of n things goes to which of n places (a quadratic assignment): for every pair of things what it costs that they
 * lie as they lie, for every thing what its place costs. Matrices are n x n, row by row; those of pairs symmetric.
 */
export interface Assignment {
  n: number
  kernels: readonly { pairs: Float64Array; places: Float64Array }[]
  /** Thing by place. */
  own: Float64Array
  /** Places whose thing stays: 1 where it does. */
  pinned: Uint8Array
  /** Things that are all alike, such as empties: the same number; exchanging two of them changes nothing. */
  alike?: Int32Array
}

/** Which thing lies in each place. */
export type Order = Int32Array

/** What an order costs. */
export function costOf({ n, kernels, own }: Assignment, order: Order): number {
  let cost = 0
  for (let a = 0; a < n; a += 1) {
    const u = order[a]!
    cost += own[u * n + a]!
    for (let b = 0; b < a; b += 1) {
      const v = order[b]!
      for (const { pairs, places } of kernels) cost += pairs[u * n + v]! * places[a * n + b]!
    }
  }
  return cost
}

/** What exchanging the things of two places would add to the cost. */
export function exchangeCost({ n, kernels, own }: Assignment, order: Order, a: number, b: number): number {
  const u = order[a]!
  const v = order[b]!
  if (u === v) return 0
  const ru = u * n
  const rv = v * n
  const ra = a * n
  const rb = b * n
  let sum = own[ru + b]! - own[ru + a]! + own[rv + a]! - own[rv + b]!
  // the innermost loop of the whole search: plain indices, and what does not count taken off afterwards
  for (let k = 0; k < kernels.length; k += 1) {
    const pairs = kernels[k]!.pairs
    const places = kernels[k]!.places
    for (let c = 0; c < n; c += 1) {
      const w = order[c]!
      sum += (pairs[ru + w]! - pairs[rv + w]!) * (places[rb + c]! - places[ra + c]!)
    }
    sum -= (pairs[ru + u]! - pairs[rv + u]!) * (places[rb + a]! - places[ra + a]!)
    sum -= (pairs[ru + v]! - pairs[rv + v]!) * (places[rb + b]! - places[ra + b]!)
  }
  return sum
}

export interface Assigned {
  order: Order
  cost: number
}
export interface AssignQuestion {
  problem: Assignment
  /** Where to begin: as it lies. */
  start: Order
  seed?: number
  /** How many annealing runs; 14 unless said. */
  runs?: number
  /** Kicks of the best at the end, times n; 4 unless said. */
  kicks?: number
}

/** Exchanges tried at each of the temperatures of a run, times n. */
const PER_STEP = 16
const TEMPERATURES = 60
/** Exchanges between two chances to stop. */
const CHUNK = 4000
/** Where a run ends, against what exchanges cost: few things want a warm end, many a cold one. */
const ENDS = [0.06, 0.01]
/** A kick throws three to six things about. */
const [LEAST, SPAN] = [3, 4]

/**
 * The cheapest order found: short annealing runs from different beginnings, each brought down to where no single exchange
 * helps, then kicks of the best. Counted by steps, never by the clock: the same question has the same answer. Yields the
 * best so far.
 */
export function* searchAssignment({
  problem,
  start,
  seed = 1,
  runs = 14,
  kicks = 4,
}: AssignQuestion): Generator<Assigned, Assigned> {
  const random = randomFrom(seed)
  const free = [...start.keys()].filter((p) => !problem.pinned[p])
  let best: Assigned = { order: start.slice(), cost: costOf(problem, start) }
  const take = (order: Order) => {
    const cost = costOf(problem, order)
    if (cost < best.cost - 1e-9) best = { order: order.slice(), cost }
  }
  if (free.length < 2) return best
  const first = start.slice()
  descend(problem, first, free)
  take(first)
  yield best
  for (let run = 0; run < runs; run += 1) {
    const order = start.slice()
    if (run > 0) shuffle(order, free, random)
    let tried = 0
    for (const step of anneal(problem, order, free, random, ENDS[run % ENDS.length]!))
      if ((tried += step) % CHUNK < step) yield best
    descend(problem, order, free)
    take(order)
    yield best
  }
  for (let kick = 0; kick < kicks * free.length; kick += 1) {
    const order = best.order.slice()
    const size = LEAST + Math.floor(random() * SPAN)
    const some = Array.from({ length: size }, () => free[Math.floor(random() * free.length)]!)
    some.forEach((a, i) => swap(order, a, some[(i + 1) % size]!))
    descend(problem, order, free)
    take(order)
    if (kick % 8 === 7) yield best
  }
  return best
}

const swap = (order: Order, a: number, b: number) => {
  const u = order[a]!
  order[a] = order[b]!
  order[b] = u
}

function shuffle(order: Order, free: readonly number[], random: () => number): void {
  for (let i = free.length - 1; i > 0; i -= 1) swap(order, free[i]!, free[Math.floor(random() * (i + 1))]!)
}

/** Exchanges what helps most, place by place, until nothing does. */
function descend(problem: Assignment, order: Order, free: readonly number[]): void {
  for (let isBetter = true; isBetter;) {
    isBetter = false
    for (const [i, a] of free.entries()) {
      let [gain, to] = [-1e-9, -1]
      for (const b of free.slice(i + 1)) {
        if (isAlike(problem, order[a]!, order[b]!)) continue
        const cost = exchangeCost(problem, order, a, b)
        if (cost < gain) [gain, to] = [cost, b]
      }
      if (to < 0) continue
      swap(order, a, to)
      isBetter = true
    }
  }
}

const isAlike = ({ alike }: Assignment, u: number, v: number) =>
  alike !== undefined && alike[u]! >= 0 && alike[u] === alike[v]

/** One run: from where nearly every exchange is taken down to where only good ones are. Yields the exchanges tried. */
function* anneal(
  problem: Assignment,
  order: Order,
  free: readonly number[],
  random: () => number,
  end: number,
): Generator<number> {
  const pick = () => free[Math.floor(random() * free.length)]!
  // the spread of what exchanges cost sets the temperatures
  let [sum, squares] = [0, 0]
  const SAMPLE = 60
  for (let i = 0; i < SAMPLE; i += 1) {
    const cost = exchangeCost(problem, order, pick(), pick())
    sum += cost
    squares += cost * cost
  }
  const spread = Math.sqrt(Math.max(1e-12, squares / SAMPLE - (sum / SAMPLE) ** 2))
  const [hot, cold] = [0.4 * spread, end * spread]
  for (let t = 0; t < TEMPERATURES; t += 1) {
    const temperature = hot * (cold / hot) ** (t / (TEMPERATURES - 1))
    const tries = PER_STEP * free.length
    for (let i = 0; i < tries; i += 1) {
      const [a, b] = [pick(), pick()]
      if (a === b || isAlike(problem, order[a]!, order[b]!)) continue
      const cost = exchangeCost(problem, order, a, b)
      if (cost <= 0 || random() < Math.exp(-cost / temperature)) swap(order, a, b)
    }
    yield tries
  }
}
