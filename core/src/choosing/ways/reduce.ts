import { PaletteReach, type SetSize } from '../../reach/paletteReach'
import type { CoverTable } from '../best/cover'
import { twinDifference, TWINS_BELOW } from '../verdict/tooMuch'
import { viewOfPaint } from '../../paints/view'
import type { Paint } from '../../documents/paint'

/** One paint that goes, and what is left without it. */
export interface ReduceStep {
  paintId: string
  /** What its going costs, and all that went so far, shares of worth, 0..1. */
  loss: number
  lost: number
  /** Shares of reach after it has gone, 0..1. */
  reach: number
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
}

/**
 * Takes out the least missed paint, one at a time: of near twins the one that is missed less first, then whatever the
 * rest reaches without it. Going back a step puts the paint back as it was. Yields every step; deterministic.
 */
export function* reduceSteps({
  paints,
  fixed = [],
  tables,
  most = 3,
  until = 1,
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
  const steps: ReduceStep[] = []
  let lost = 0
  while (left.size > Math.max(until, stays.size)) {
    const going = [...left.keys()].filter((id) => !stays.has(id))
    const losses = new Map(going.map((id) => [id, mean((r) => r.lossOf(id).worth)]))
    const isLeft = (id: string) => left.has(id)
    const paired = twins.filter(({ ids }) => ids.every(isLeft))
    const inPairs = going.filter((id) => paired.some(({ ids }) => ids.includes(id)))
    const among = inPairs.length ? inPairs : going
    const least = among.reduce((best, id) => (losses.get(id)! < losses.get(best)! - 1e-12 ? id : best))
    const twin = paired
      .filter(({ ids }) => ids.includes(least))
      .sort((p, q) => p.difference - q.difference)
      .map(({ ids, difference }) => ({ paintId: ids.find((id) => id !== least)!, difference }))[0]
    const loss = losses.get(least)!
    lost += loss
    for (const { reach } of counters) reach.remove(least)
    left.delete(least)
    const step = { paintId: least, loss, lost, reach: mean((r) => r.figures().reach), ...(twin ? { twin } : {}) }
    steps.push(step)
    yield step
  }
  return steps
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
