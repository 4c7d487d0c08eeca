import { randomFrom } from '../random'
import { buyAlong, type Sequence } from './firstPlan'
import { figuresOfPlan, isBetter, type Buy, type PlanFigures, type PurchaseProblem, type SoldOffer } from './problem'

const SEED = 20_261
/** How much worse a step may be at first, share of the value: little, since the start is good (tried, not derived). */
const WARM = 0.006

/**
 * Betters a sequence by small changes, kept where they are better and at first now and then where they are a little worse:
 * an offer earlier or later, another that serves the same need, one out or in, another rhythm. Yields better plans after
 * so many steps each; deterministic.
 */
export function* improvePlan(
  problem: PurchaseProblem,
  start: Sequence,
  steps: number,
): Generator<{ buys: Buy[]; figures: PlanFigures }, void> {
  const random = randomFrom(SEED)
  const pick = (n: number) => Math.floor(random() * n)
  const serving = offersByNeed(problem)
  const assess = (sequence: Sequence) => {
    const buys = buyAlong(problem, sequence)
    return { sequence, buys, figures: figuresOfPlan(problem, buys) }
  }
  let now = assess(start)
  let best = now
  for (let step = 0; step < steps; step += 1) {
    // the first half wanders, the second goes on from the best of it and only upward
    const isWarm = step < steps / 2
    if (step === Math.ceil(steps / 2)) now = best
    // what lies far behind what can be bought at all does not matter
    const reach = Math.min(now.sequence.offers.length, now.buys.length + BEHIND)
    const then = assess(changed(now.sequence, reach, problem, serving, pick))
    const allowed = isWarm ? WARM * best.figures.value * (1 - (2 * step) / steps) : 0
    if (isBetter(then.figures, now.figures) || now.figures.value - then.figures.value <= allowed * random()) now = then
    if (isBetter(now.figures, best.figures)) {
      best = now
      yield best
    }
  }
}
/** So many offers behind the last one that is bought may come forward. */
const BEHIND = 10

function offersByNeed({ offers }: PurchaseProblem): ReadonlyMap<string, readonly SoldOffer[]> {
  const serving = new Map<string, SoldOffer[]>()
  for (const offer of offers) for (const key of offer.covers) serving.set(key, [...(serving.get(key) ?? []), offer])
  return serving
}

function changed(
  { offers, every, saves }: Sequence,
  reach: number,
  problem: PurchaseProblem,
  serving: ReadonlyMap<string, readonly SoldOffer[]>,
  pick: (n: number) => number,
): Sequence {
  const list = [...offers]
  const kind = pick(20)
  if (kind === 0) return { offers: list, every: 1 + pick(4), saves: pick(2) === 0 }
  const at = pick(reach)
  if (kind < 5) list.splice(near(at, reach, pick), 0, ...list.splice(at, 1))
  else if (kind < 9) list.splice(pick(reach), 0, ...list.splice(at, 1))
  else if (kind < 14) {
    // the same need from elsewhere
    const keys = list[at]?.covers ?? []
    const others = serving.get(keys[pick(keys.length)] ?? '') ?? []
    const other = others[pick(others.length)]
    if (other && !list.includes(other)) list[at] = other
  } else if (kind < 16) list.splice(at, 1)
  else {
    const other = problem.offers[pick(problem.offers.length)]
    if (other && !list.includes(other)) list.splice(at, 0, other)
  }
  return { offers: list, every, saves }
}

const near = (at: number, reach: number, pick: (n: number) => number) =>
  Math.max(0, Math.min(reach - 1, at + (pick(2) ? 1 : -1) * (1 + pick(4))))
