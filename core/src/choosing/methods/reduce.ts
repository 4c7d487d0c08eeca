import { PaletteReach, type SetSize } from '../../reach/paletteReach'
import type { CoverTable } from '../best/cover'
import { lastingOf, usualOf } from '../../order'
import { ROLE_WORTH, ROLES, type Role } from '../roles'
import { twinDifference, TWINS_BELOW } from '../verdict/tooMuch'
import { viewOfPaint } from '../../paints/view'
import type { BriefCount } from '../../documents/brief'
import type { Paint } from '../../documents/paint'
import { mayGoUnder } from './mayGo'

/** One paint that goes, and what is left without it. */
export interface ReduceStep {
  paintId: string
  /** What its going costs, and all that went so far, shares of worth, 0..1. */
  loss: number
  lost: number
  /** Shares of reach after it has gone, 0..1. */
  reach: number
  /** What goes with it beside colours, and no other has: `a yellow earth`. */
  goes: string[]
  /** A paint that stays and is nearly the same, and how near, CIEDE2000. */
  twin?: { paintId: string; difference: number }
}

export interface ReduceQuestion {
  /** The paints to begin with. */
  paints: readonly Paint[]
  /** Those of them that stay. */
  fixed?: readonly string[]
  tables: readonly CoverTable[]
  most?: SetSize
  /** Stop when so many are left. */
  until?: number
  /** How many tubes and pans there are of a paint: two are evidence that it is used. */
  itemsOf?: (paintId: string) => number
  /** What a paint counts beside all that, a share of worth: how much it is used, how well it handles. */
  favour?: (paint: Paint) => number
  /** What the last paint of a role counts, a share of worth; and which roles there are, all unless said. */
  role?: number
  roles?: readonly Role[]
  /** How many of a kind there must be when so many are left as `until` says. */
  counts?: readonly BriefCount[]
}

/**
 * What counts beside the colours, as shares of worth (judgement): the last paint of a role is worth a missing hue, a tube
 * that is mixed already a tie, and so is what few palettes have beside what most have (a step of `usualOf`).
 */
const [MIXTURE, FADES, USED, USUAL] = [-0.01, -0.02, 0.004, 0.002]

/** Of a family that has more than its share of the places each counts so much less a paint too many, a share of worth (judgement). */
const CROWDED = 0.006
/** A family's share of the places, and what no small box calls too many (judgement). */
const [SHARE, FEW] = [0.25, 3]

/**
 * Takes out the least missed paint, one at a time: of near twins the one that is missed less first, then whatever the
 * rest reaches without it. What hands and paper ask of a palette counts with its colours: the last earth, the last dark
 * stay longer than what they reach alone would keep them, mixtures in the tube and what fades go sooner. Going back a step
 * puts the paint back as it was. Yields every step; deterministic.
 */
export function* reduceSteps({
  paints,
  fixed = [],
  tables,
  most = 3,
  until = 1,
  itemsOf,
  favour = () => 0,
  role = ROLE_WORTH,
  roles = ROLES,
  counts = [],
}: ReduceQuestion): Generator<ReduceStep, ReduceStep[]> {
  const stays = new Set(fixed)
  const counters = tables.map(({ index, weights, share }) => {
    const reach = new PaletteReach(index, weights, most)
    reach.become(paints.map((p) => p.id))
    return { reach, share }
  })
  const shares = counters.reduce((sum, c) => sum + c.share, 0) || 1
  const mean = (of: (reach: PaletteReach) => number) =>
    counters.reduce((sum, c) => sum + c.share * of(c.reach), 0) / shares
  const left = new Map(paints.map((p) => [p.id, p]))
  const twins = twinPairs(paints)
  const handling = new Map(paints.map((p) => [p.id, handlingOf(p, itemsOf?.(p.id) ?? 0) + favour(p)]))
  const holders = roles.map(({ is }) => new Set(paints.filter(is).map((p) => p.id)))
  const onlyOf = (id: string) => roles.filter((_, i) => holders[i]!.has(id) && holders[i]!.size === 1)
  const familyOf = (id: string) => viewOfPaint(left.get(id)!).family
  const families = new Map<string | undefined, number>()
  for (const id of left.keys()) families.set(familyOf(id), (families.get(familyOf(id)) ?? 0) + 1)
  const enough = Math.max(FEW, Math.ceil(SHARE * until))
  const tooMany = (id: string) => Math.max(0, families.get(familyOf(id))! - enough)
  const mayGo = mayGoUnder(counts, paints, until)
  const steps: ReduceStep[] = []
  let lost = 0
  while (left.size > Math.max(until, stays.size)) {
    const going = mayGo(
      [...left.keys()].filter((id) => !stays.has(id)),
      new Set(left.keys()),
    )
    const losses = new Map(going.map((id) => [id, mean((r) => r.lossOf(id).worth)]))
    const besides = (id: string) => handling.get(id)! + role * onlyOf(id).length - CROWDED * tooMany(id)
    const missed = new Map(going.map((id) => [id, losses.get(id)! + besides(id)]))
    const isLeft = (id: string) => left.has(id)
    const paired = twins.filter(({ ids }) => ids.every(isLeft))
    const inPairs = going.filter((id) => paired.some(({ ids }) => ids.includes(id)))
    const among = inPairs.length ? inPairs : going
    const least = among.reduce((best, id) => (missed.get(id)! < missed.get(best)! - 1e-12 ? id : best))
    const twin = paired
      .filter(({ ids }) => ids.includes(least))
      .sort((p, q) => p.difference - q.difference)
      .map(({ ids, difference }) => ({ paintId: ids.find((id) => id !== least)!, difference }))[0]
    const loss = losses.get(least)!
    const goes = onlyOf(least).map(({ words }) => words)
    lost += loss
    for (const { reach } of counters) reach.remove(least)
    families.set(familyOf(least), families.get(familyOf(least))! - 1)
    left.delete(least)
    for (const own of holders) own.delete(least)
    const step = { paintId: least, loss, lost, goes, reach: mean((r) => r.figures().reach), ...(twin ? { twin } : {}) }
    steps.push(step)
    yield step
  }
  return steps
}

/** What a paint counts beside the colours that it brings, whatever else is there. */
function handlingOf(paint: Paint, items: number): number {
  const mixture = paint.pigments.length > 1 ? MIXTURE : 0
  return mixture + (lastingOf(paint).level === 0 ? FADES : 0) + (items > 1 ? USED : 0) + USUAL * usualOf(paint)
}

function twinPairs(paints: readonly Paint[]): { ids: [string, string]; difference: number }[] {
  const views = paints.map(viewOfPaint)
  return views.flatMap((one, i) =>
    views.slice(i + 1).flatMap((other) => {
      const difference = twinDifference(one, other)
      if (difference === undefined || difference >= TWINS_BELOW) return []
      return [{ ids: [one.paint.id, other.paint.id] as [string, string], difference }]
    }),
  )
}
