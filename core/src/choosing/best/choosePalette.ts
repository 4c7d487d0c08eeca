import type { Brief } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { figuresOf, type ReachFigures, type SetSize } from '../../reach/paletteReach'
import { fail, ok, type Result } from '../../result'
import { retold } from '../../steps'
import type { Fit } from '../brief/fit'
import { Choice } from './choice'
import { coverOf, type Cover, type CoverTable } from './cover'
import { proveChoice } from './prove'
import { ROLE_WORTH, rolesFor, rolesLacking, type Role } from '../roles'
import { searchChoice, type Found, type SearchQuestion } from './search'
import { mayMeet } from './countRows'
import {
  countRows,
  softMissed,
  wishWeights,
  withoutEach,
  type Wished,
  type WishMissed,
  type WishWeights,
} from './wishWeights'

export interface ChooseQuestion {
  /** What there is to choose from, the paints that are in among them. */
  paints: readonly Paint[]
  /** Paints that stay in. */
  planned: readonly string[]
  /** How many more may come in, 0 upward. */
  free: number
  brief?: Brief
  /** What is to be mixed, by indexes of all the paints. */
  tables: readonly CoverTable[]
  most?: SetSize
  itemsOf?: (paintId: string) => number
  /** Whether there is any of a paint; all count where nobody says. */
  isAtHand?: (paintId: string) => boolean
  /** What hands and paper ask for beside the colours; the roles of the brief unless said. */
  roles?: readonly Role[]
  seed?: number
}

export interface ChosenPaint {
  paintId: string
  fit: Fit
  /** What would be lost without it, shares of reach and worth, 0..1. */
  reach: number
  worth: number
  /** Who would come in its stead, and how much less that is worth. */
  runnerUp?: { paintId: string; less: number }
}

export interface WishCost {
  wished: Wished
  /** How much more is reached and worth without it, or when it is no must, shares, 0..1: at least so much; 0 where it costs nothing. */
  reach: number
  worth: number
}

export interface Chosen {
  added: ChosenPaint[]
  /** Paints that may come in, those that are in among them. */
  candidates: number
  /** Places for which nothing is left that may come in. */
  short: number
  before: ReachFigures
  after: ReachFigures
  /** Worth of the choice, wishes counted, and above which no choice of as many can come; none until it is known. */
  worth: number
  bound?: number
  isProven: boolean
  costs: WishCost[]
  /** Wishes that are no must and that it does not meet. */
  missed: WishMissed[]
  /** What hands and paper ask for and is not in it: `a yellow earth`. */
  lacks: string[]
}

export interface ChooseProgress {
  /** The choice as far as it is, where there is something new in it. */
  soFar?: Chosen
  /** What is being done. */
  stage: 'searching' | 'asking what wishes cost' | 'proving'
}

/** Searches for what a wish costs need not be as thorough. */
const KICKS_FOR_COSTS = 6
/** Below this share a wish costs nothing. */
const WORTH_SAYING = 0.0005

/**
 * Fills the remaining places of a palette so that it is worth most under its brief: hard wishes rule paints out or say
 * who may be together, soft ones count against a paint, and what stays in stays. First a good choice, then better ones,
 * then what the wishes cost, then how far from the best possible it may be. Yields the choice as far as it is;
 * deterministic for a seed.
 *
 * Errors: `bad-question` (two paints of one id, places that are no whole number, targets without number), `no-targets`, `no-place` (nothing is free), `nobody-may` (no paint may come in).
 */
export function* choosePalette(question: ChooseQuestion): Generator<ChooseProgress, Result<Chosen>> {
  const { tables, free, brief, seed } = question
  if (tables.length === 0) return fail('no-targets', 'None of the targets of this palette is known here.')
  const bad = badQuestion(question)
  if (bad) return bad
  if (free < 1) return fail('no-place', 'No place is free: every one has a paint, is kept free or is locked.')
  const problem = problemOf(question, brief)
  if (problem.candidates.length <= problem.fixed.length)
    return fail('nobody-may', 'No other paint may come in: the wishes rule all of them out. Relax one of them.')
  let best: Found | undefined
  let soFar: Chosen | undefined
  const search = searchChoice({ ...problem.search, ...(seed === undefined ? {} : { seed }) })
  for (;;) {
    const step = search.next()
    if (step.value && step.value.worth !== best?.worth) {
      best = step.value
      soFar = chosenFrom(problem, best, question)
      yield { soFar, stage: 'searching' }
    } else yield { stage: 'searching' }
    if (step.done) break
  }
  if (!best || !soFar) return fail('nobody-may', 'No other paint may come in.')
  for (const { wished, brief: relaxed } of brief ? withoutEach(brief) : []) {
    const cost = yield* costOf(question, relaxed, best, problem)
    const own = cost.worth > WORTH_SAYING ? cost : { reach: 0, worth: 0 }
    soFar = { ...soFar, costs: [...soFar.costs, { wished, ...own }] }
    yield { soFar, stage: 'asking what wishes cost' }
  }
  const { costs } = soFar
  const proof = proveChoice(problem.search, best)
  for (;;) {
    const step = proof.next()
    const { best: better, bound, isProven } = step.value
    const isNew = better.worth > best.worth || step.done
    if (isNew) soFar = { ...chosenFrom(problem, (best = better), question), costs }
    const isCloser = soFar.bound === undefined || bound < soFar.bound - CLOSER
    if (isNew || isCloser) yield { soFar: (soFar = { ...soFar, bound, isProven }), stage: 'proving' }
    else yield { stage: 'proving' }
    if (step.done) return ok(soFar)
  }
}
/** Targets of all tables together: they are counted in two bytes. */
const MOST_TARGETS = 65_535

/** A question that nobody can answer, in words. */
function badQuestion({ paints, tables, free }: ChooseQuestion): Result<never> | undefined {
  if (!Number.isInteger(free)) return fail('bad-question', `Places to fill are a whole number, not ${free}.`)
  if (new Set(paints.map((p) => p.id)).size < paints.length)
    return fail('bad-question', 'Two of the paints have one id: each paint needs its own.')
  const targets = tables.reduce((n, table) => n + table.weights.length, 0)
  if (targets > MOST_TARGETS)
    return fail('bad-question', `There are ${targets} targets; at most ${MOST_TARGETS} are weighed at once.`)
  return undefined
}

/** By how much a bound must fall to be said anew. */
const CLOSER = 0.0005

interface Problem {
  cover: Cover
  candidates: Paint[]
  fixed: number[]
  weights: WishWeights
  roles: readonly Role[]
  search: SearchQuestion
}

function problemOf(question: ChooseQuestion, brief: Brief | undefined): Problem {
  const { paints, tables, most = 3, free, itemsOf, isAtHand = () => true, roles = rolesFor(question.brief) } = question
  const planned = new Set(question.planned)
  const inAlready = paints.filter((p) => planned.has(p.id))
  const weights = wishWeights({ brief, planned: inAlready, ...(itemsOf ? { itemsOf } : {}) })
  const stayOut = new Set(brief?.stayOut)
  // one that is no longer there takes up no place
  const there = new Set(paints.map((p) => p.id))
  const wanted = new Set((brief?.mustIn ?? []).filter((id) => there.has(id) && !stayOut.has(id)).slice(0, free))
  const stays = (id: string) => planned.has(id) || wanted.has(id)
  const candidates = paints.filter((p) => stays(p.id) || (isAtHand(p.id) && !stayOut.has(p.id) && weights.mayComeIn(p)))
  const cover = coverOf({
    tables,
    paints: candidates.map((p) => ({ id: p.id, own: planned.has(p.id) ? 0 : weights.own(p) })),
    most,
    roles: roles.map((role) => ({
      worth: ROLE_WORTH,
      ids: new Set(candidates.filter(role.is).map((p) => p.id)),
    })),
  })
  const byId = new Map(paints.map((p) => [p.id, p]))
  const held = cover.ids.map((id) => byId.get(id)!)
  const fixed = cover.ids.flatMap((id, i) => (stays(id) ? [i] : []))
  const plannedHere = cover.ids.filter((id) => planned.has(id)).length
  // a paint that must be in and cannot be reckoned with takes its place all the same
  const unreckoned = [...wanted].filter((id) => !planned.has(id) && !cover.ids.includes(id)).length
  const { allows } = weights
  const places = Math.min(cover.ids.length, plannedHere + free - unreckoned)
  const besides = paints.filter((p) => stays(p.id) && !cover.ids.includes(p.id))
  const rows = countRows({ brief, held, besides, fixed, places: planned.size + free, ofCover: places })
  const areAllowed = (members: readonly number[]) =>
    mayMeet(rows, members, places) && (allows?.(members.map((m) => held[m]!)) ?? true)
  return {
    cover,
    candidates: held,
    fixed,
    weights,
    roles,
    search: {
      cover,
      fixed,
      places,
      ...(allows || rows.length ? { allows: areAllowed, rows } : {}),
    },
  }
}

/** What is more reached when a wish rules nobody out. */
function* costOf(
  question: ChooseQuestion,
  relaxed: Brief,
  best: Found,
  { cover }: Problem,
): Generator<ChooseProgress, { reach: number; worth: number }> {
  const wider = problemOf(question, relaxed)
  const start = best.members.map((m) => wider.cover.ids.indexOf(cover.ids[m]!))
  const steps = searchChoice({ ...wider.search, start, kicks: KICKS_FOR_COSTS })
  const { members } = yield* retold(steps, (): ChooseProgress => ({ stage: 'asking what wishes cost' }))
  const now = reachOf(wider.cover, members)
  const was = reachOf(cover, best.members)
  return { reach: now.reach - was.reach, worth: now.worth - was.worth }
}

const reachOf = (cover: Cover, members: readonly number[]): ReachFigures => {
  const choice = new Choice(cover)
  choice.become(members)
  return reachNow(choice)
}
/** The colours alone; what roles count is no reach. */
const reachNow = ({ cover, sizes }: Choice): ReachFigures =>
  figuresOf((t) => sizes[t]!, cover.weights.subarray(0, cover.colours))

/** A choice with what each of its new paints brings and who would come in its stead. */
function chosenFrom(
  { cover, candidates, weights, roles, search }: Problem,
  { members, worth }: Found,
  { planned, free, brief, paints }: ChooseQuestion,
): Chosen {
  const choice = new Choice(cover)
  choice.become(members)
  const after = reachNow(choice)
  const isPlanned = new Set(planned)
  const added = members.flatMap((m): ChosenPaint[] => {
    const paint = candidates[m]!
    if (isPlanned.has(paint.id)) return []
    const full = choice.worth
    choice.remove(m)
    const { reach } = reachNow(choice)
    const left = choice.worth
    const others = cover.ids.flatMap((_, p) => {
      const mayJoin = p !== m && !choice.isIn[p] && (search.allows?.([...choice.members, p]) ?? true)
      return mayJoin ? [{ p, gain: choice.gainOf(p) }] : []
    })
    const [next] = others.sort((p, q) => q.gain - p.gain || p.p - q.p)
    choice.add(m)
    return [
      {
        paintId: paint.id,
        fit: weights.fit(paint),
        reach: after.reach - reach,
        worth: full - left,
        ...(next ? { runnerUp: { paintId: cover.ids[next.p]!, less: Math.max(0, full - left - next.gain) } } : {}),
      },
    ]
  })
  const all = paints.filter((p) => isPlanned.has(p.id) || members.some((m) => candidates[m] === p))
  const before = members.filter((m) => isPlanned.has(cover.ids[m]!))
  return {
    added: added.sort((p, q) => q.worth - p.worth),
    candidates: candidates.length,
    short: Math.max(0, free - added.length),
    before: reachOf(cover, before),
    after,
    worth,
    isProven: false,
    costs: [],
    missed: softMissed(brief, all),
    lacks: rolesLacking(roles, all),
  }
}
