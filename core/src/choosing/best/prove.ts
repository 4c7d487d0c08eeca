import { Choice } from './choice'
import { narrowed, Relaxation, setsByTarget, type SetsByTarget } from './relaxation'
import type { Found, SearchQuestion } from './search'

export interface Proof {
  best: Found
  /** No choice is worth more. */
  bound: number
  /** The best is proven to be best. */
  isProven: boolean
}

/** Improvements of the prices at the root and at every branch. */
const ROOT_STEPS = 400
const BRANCH_STEPS = 40
/** So many choices, or fewer, are gone through one by one: that takes a second. */
const GONE_THROUGH = 200_000
/** Choices gone through between two looks at what else there is. */
const PORTION = 2000
/** Sets looked at altogether before the bound is given as it is: some ten seconds. */
const MOST_WORK = 4e8
const LEAST = 1e-9

interface Branch {
  isIn: Uint8Array
  isOut: Uint8Array
  prices: Float64Array
  bound: number
  /** The paint of which the prices say least whether it is in. */
  unclear?: number | undefined
  /** Without the sets of paints that are out. */
  byTarget: SetsByTarget
}

/**
 * How far the best choice may be from what is possible: first by relaxation, then by branching on single paints, which
 * ends with a proof where the choice is small or the bound close. Better choices met on the way are taken. Yields
 * the state of the proof; deterministic, stopped by counts of steps.
 */
export function* proveChoice(question: SearchQuestion, known: Found): Generator<Proof, Proof> {
  const { cover, fixed, allows, rows = [] } = question
  const n = cover.ids.length
  const places = known.members.length
  const choice = new Choice(cover)
  let best = known
  const consider = (members: readonly number[]) => {
    if (members.length !== places || !(allows?.(members) ?? true)) return
    choice.become(members)
    if (choice.worth > best.worth + LEAST) best = { members: [...members].sort((p, q) => p - q), worth: choice.worth }
  }
  const root: Branch = {
    isIn: Uint8Array.from({ length: n }, (_, p) => (fixed.includes(p) ? 1 : 0)),
    isOut: new Uint8Array(n),
    prices: new Float64Array(cover.weights.length * n + rows.length),
    bound: Infinity,
    byTarget: setsByTarget(cover),
  }
  let work = 0
  const first = relax(root, ROOT_STEPS)
  for (;;) {
    const step = first.next()
    if (step.done) break
    yield proofOf(step.value)
  }
  const open = root.bound > best.worth + LEAST ? [root] : []
  while (open.length && work < MOST_WORK) {
    // the branch that could be best of all: closing it lowers the bound for the whole
    const at = open.reduce((most, b, i) => (b.bound > open[most]!.bound ? i : most), 0)
    const [branch] = open.splice(at, 1)
    if (branch!.bound <= best.worth + LEAST) continue
    if (choicesIn(branch!) <= GONE_THROUGH) {
      for (const _ of goThrough(branch!)) yield proofOf(branch!.bound)
      continue
    }
    for (const next of split(branch!)) {
      for (const bound of relax(next, BRANCH_STEPS)) yield proofOf(Math.max(bound, branch!.bound))
      if (next.bound > best.worth + LEAST) open.push(next)
    }
    yield proofOf(Math.max(best.worth, ...open.map((b) => b.bound)))
  }
  const bound = Math.max(best.worth, ...open.map((b) => b.bound))
  return { best, bound, isProven: bound <= best.worth + LEAST }

  function proofOf(bound: number): Proof {
    return { best, bound: Math.max(bound, best.worth), isProven: false }
  }

  function choicesIn({ isIn, isOut }: Branch): number {
    const free = isIn.filter((i, p) => !i && !isOut[p]).length
    const still = places - isIn.reduce((sum, i) => sum + i, 0)
    let count = 1
    for (let i = 0; i < still && count <= GONE_THROUGH; i += 1) count = (count * (free - i)) / (i + 1)
    return count
  }

  /** Every choice of a branch; the last paint of each is only reckoned with, not put in. */
  function* goThrough({ isIn, isOut }: Branch): Generator<void, void> {
    const free = [...isIn.keys()].filter((p) => !isIn[p] && !isOut[p])
    choice.become([...isIn.keys()].filter((p) => isIn[p]))
    let looked = 0
    function* from(at: number, still: number): Generator<void, void> {
      for (let i = at; i <= free.length - still; i += 1) {
        const p = free[i]!
        if (still > 1) {
          choice.add(p)
          yield* from(i + 1, still - 1)
          choice.remove(p)
          continue
        }
        const worth = choice.worth + choice.gainOf(p)
        const members = worth > best.worth + LEAST ? [...choice.members, p] : undefined
        if (members && (allows?.(members) ?? true)) best = { members: members.sort((q, r) => q - r), worth }
        if ((looked += 1) % PORTION === 0) yield
      }
    }
    yield* from(0, places - choice.members.length)
  }

  /** Improves a branch's prices, tries what they choose, and fixes what cannot be otherwise. */
  function* relax(branch: Branch, steps: number): Generator<number, void> {
    const free = branch.isIn.filter((i, p) => !i && !branch.isOut[p]).length
    const openPlaces = places - branch.isIn.reduce((sum, i) => sum + i, 0)
    if (openPlaces === 0 || free <= openPlaces) {
      const members = [...branch.isIn.keys()].filter((p) => branch.isIn[p] || (openPlaces > 0 && !branch.isOut[p]))
      if (members.length === places) consider(members)
      branch.bound = -Infinity
      return
    }
    const relaxation = new Relaxation({ cover, rows, ...branch, places })
    for (let step = 0; step < steps; step += 1) {
      relaxation.step(best.worth)
      work += branch.byTarget.sets.length
      if (relaxation.bound <= best.worth + LEAST) break
      if (step % TRIED_EVERY === 0) consider(chosenOf(relaxation))
      yield relaxation.bound
    }
    relaxation.settle()
    consider(chosenOf(relaxation))
    branch.prices = relaxation.prices
    branch.bound = Math.min(branch.bound, relaxation.bound)
    const costs = relaxation.costOfTurning()
    branch.unclear = undefined
    costs.forEach((cost, p) => {
      if (branch.isIn[p] || branch.isOut[p]) return
      if (branch.bound - cost <= best.worth + LEAST) {
        if (relaxation.chosen[p]) branch.isIn[p] = 1
        else branch.isOut[p] = 1
      } else if (branch.unclear === undefined || cost < costs[branch.unclear]!) branch.unclear = p
    })
    branch.byTarget = narrowed(branch.byTarget, branch.isOut)
  }

  /** With and without the paint that is least clear. */
  function split(branch: Branch): Branch[] {
    const { unclear } = branch
    if (unclear === undefined) return []
    const copy = (): Branch => ({ ...branch, isIn: branch.isIn.slice(), isOut: branch.isOut.slice() })
    const [withIt, withoutIt] = [copy(), copy()]
    withIt.isIn[unclear] = 1
    withoutIt.isOut[unclear] = 1
    return [withIt, withoutIt]
  }
}

/** What prices choose is tried as a choice every so many steps. */
const TRIED_EVERY = 20

const chosenOf = ({ chosen }: Relaxation): number[] => [...chosen.keys()].filter((p) => chosen[p])
