import { randomFrom } from '../../random'
import { Choice } from './choice'
import type { CountRow } from './countRows'
import type { Cover } from './cover'

export interface SearchQuestion {
  cover: Cover
  /** How many paints in the end, those that stay among them. */
  places: number
  /** Paints that stay in whatever happens. */
  fixed: readonly number[]
  /** Whether these paints may be together; wishes that only a whole choice can meet. */
  allows?: (members: readonly number[]) => boolean
  /** Counts that a choice must meet: `allows` holds them while it is searched, the bound prices them. */
  rows?: readonly CountRow[]
  seed?: number
  /** How often the best is shaken up and improved anew. */
  kicks?: number
  /** A choice to begin with instead of an empty one. */
  start?: readonly number[]
}

/** A choice on the way; better than any before it. */
export interface Found {
  members: number[]
  worth: number
}

const LEAST = 1e-9
/** Of many paints each shake takes longer and betters less: fewer are made, so that the bound comes in time. */
const kicksFor = (paints: number) => Math.round(Math.max(8, Math.min(30, (30 * 60 ** 2) / paints ** 2)))

/**
 * Searches the choice of so many paints that is worth most: paint by paint, then exchanges of one for another, then
 * from shaken choices again. What one paint brings depends on its partners, so no greedy order is near enough by
 * itself. Yields every better choice and, in between, undefined; deterministic.
 *
 * Where wishes for the whole choice leave too few paints, the choice has fewer.
 */
export function* searchChoice(question: SearchQuestion): Generator<Found | undefined, Found> {
  const { cover, fixed, seed = 1, kicks = kicksFor(cover.ids.length), start = [] } = question
  const choice = new Choice(cover)
  choice.become([...fixed, ...start])
  yield* fill(choice, question)
  let best = found(choice)
  yield best
  yield* exchange(choice, question)
  if (choice.worth > best.worth + LEAST) yield (best = found(choice))
  const random = randomFrom(seed)
  for (let kick = 0; kick < kicks; kick += 1) {
    shake(choice, question, random)
    yield* fill(choice, question)
    yield* exchange(choice, question)
    if (choice.worth > best.worth + LEAST) yield (best = found(choice))
    else choice.become(best.members)
    yield undefined
  }
  return best
}

const found = ({ members, worth }: Choice): Found => ({ members: [...members].sort((p, q) => p - q), worth })

const mayJoin = (choice: Choice, paint: number, { allows }: SearchQuestion): boolean =>
  !choice.isIn[paint] && (!allows || allows([...choice.members, paint]))

/** The paint that would add most; undefined when none may come in. */
function bestOutside(choice: Choice, question: SearchQuestion): { paint: number; gain: number } | undefined {
  let best: { paint: number; gain: number } | undefined
  for (let paint = 0; paint < choice.isIn.length; paint += 1) {
    if (!mayJoin(choice, paint, question)) continue
    const gain = choice.gainOf(paint)
    if (!best || gain > best.gain + LEAST) best = { paint, gain }
  }
  return best
}

function* fill(choice: Choice, question: SearchQuestion): Generator<undefined, void> {
  while (choice.members.length < question.places) {
    const next = bestOutside(choice, question)
    if (!next) return
    choice.add(next.paint)
    yield undefined
  }
}

/** Exchanges one paint for another, the least missed first, until no exchange betters the choice. */
function* exchange(choice: Choice, question: SearchQuestion): Generator<undefined, void> {
  const fixed = new Set(question.fixed)
  for (let better = true; better;) {
    better = false
    const before = choice.worth
    const free = choice.members.filter((m) => !fixed.has(m))
    const losses = new Map<number, number>()
    for (const m of free) {
      choice.remove(m)
      losses.set(m, before - choice.worth)
      choice.add(m)
    }
    yield undefined
    for (const m of free.sort((p, q) => losses.get(p)! - losses.get(q)! || p - q)) {
      const now = choice.worth
      choice.remove(m)
      const next = bestOutside(choice, question)
      const gained = next && next.paint !== m && choice.worth + next.gain > now + LEAST
      choice.add(gained ? next.paint : m)
      better ||= Boolean(gained)
      yield undefined
    }
  }
}

/** Takes two or three paints out and puts others in at random. */
function shake(choice: Choice, question: SearchQuestion, random: () => number): void {
  const fixed = new Set(question.fixed)
  const times = 2 + Math.floor(random() * 2)
  const out: number[] = []
  for (let n = 0; n < times; n += 1) {
    const free = choice.members.filter((m) => !fixed.has(m))
    if (free.length === 0) break
    const gone = free[Math.floor(random() * free.length)]!
    choice.remove(gone)
    out.push(gone)
  }
  for (let n = 0; n < out.length; n += 1) {
    const others = Array.from(choice.isIn.keys()).filter((p) => !out.includes(p) && mayJoin(choice, p, question))
    if (others.length === 0) break
    choice.add(others[Math.floor(random() * others.length)]!)
  }
}
