import type { Palette } from '../documents/palette'
import type { Paint } from '../documents/paint'
import { planAt } from '../documents/plan'
import { byLightness, byWheel, viewOfPaint, wheelDistance, type PaintView } from '../paints/view'
import { ok, type Result } from '../result'
import { neighbourPairs, walkOf } from './geometry'

export const ORDERS = ['colour wheel', 'light to dark'] as const
export type Order = (typeof ORDERS)[number]

export interface OrderRequest {
  palette: Palette
  paints: Paint[]
  order: Order
}

/** A proposal, to be compared and taken or not. */
export interface Arrangement {
  plan: Palette['plan']
  /** Mean hue step between neighbouring paints, degrees round the unrolled wheel; undefined without neighbours. */
  meanStep?: number
  /** Places whose paint changes. */
  moved: string[]
}

export interface OrderProgress {
  done: number
  of: number
  best: Arrangement
}

/**
 * Lays the planned paints out in order along the holder. Locked and reserved places stay as they
 * are; empties gather at the end of the walk. Round the wheel, every start and both directions are
 * tried, and the one taken whose neighbours, locked ones too, lie closest in hue. Yields its best so far.
 */
export function* arrangeInOrder(request: OrderRequest): Generator<OrderProgress, Result<Arrangement>> {
  const { palette, paints, order } = request
  const known = new Map(paints.map((p) => [p.id, viewOfPaint(p)]))
  const fixed = new Set(palette.holder.places.map((p) => p.id).filter((id) => isFixed(palette, id)))
  const walk = walkOf(palette.holder).filter((id) => !fixed.has(id))
  const loose = walk.map((id) => planAt(palette, id)?.paintId).filter((id) => id !== undefined)
  const unknown = loose.filter((id) => !known.has(id))
  const sorted = loose
    .map((id) => known.get(id))
    .filter((v) => v !== undefined)
    .sort(order === 'colour wheel' ? byWheel : byLightness)
  const ids = sorted.map((v) => v.paint.id)
  if (order === 'light to dark' || ids.length < 3) return ok(proposal(palette, known, walk, [...ids, ...unknown]))
  const onWheel = sorted.filter((v) => v.wheelKey < 1000).map((v) => v.paint.id)
  const offWheel = ids.slice(onWheel.length)
  const score = scorer(palette, known)
  let best = { arrangement: proposal(palette, known, walk, [...ids, ...unknown]), cost: Infinity }
  const tries = Math.max(1, onWheel.length) * 2
  for (let i = 0; i < tries; i += 1) {
    const turned = rotate(onWheel, i >> 1)
    const candidate = planFor(palette, walk, [...(i % 2 ? turned.reverse() : turned), ...offWheel, ...unknown])
    const cost = score(candidate)
    if (cost < best.cost - 1e-9) best = { arrangement: describe(palette, known, candidate), cost }
    if (i % 8 === 7) yield { done: i + 1, of: tries, best: best.arrangement }
  }
  return ok(best.arrangement)
}

const isFixed = (palette: Palette, placeId: string) => {
  const plan = planAt(palette, placeId)
  return Boolean(plan?.locked || plan?.reserved !== undefined)
}

const rotate = <T>(list: readonly T[], by: number): T[] => [...list.slice(by), ...list.slice(0, by)]

function planFor(palette: Palette, walk: readonly string[], paintIds: readonly string[]): Palette['plan'] {
  const plan = Object.fromEntries(Object.entries(palette.plan).filter(([id]) => isFixed(palette, id)))
  paintIds.forEach((paintId, i) => {
    if (walk[i] !== undefined) plan[walk[i]] = { paintId }
  })
  return plan
}

function proposal(
  palette: Palette,
  known: Map<string, PaintView>,
  walk: readonly string[],
  paintIds: readonly string[],
): Arrangement {
  return describe(palette, known, planFor(palette, walk, paintIds))
}

/** A plan with what there is to say about it. */
export function describe(palette: Palette, known: Map<string, PaintView>, plan: Palette['plan']): Arrangement {
  const steps = stepsBetweenNeighbours(palette, known, plan)
  const moved = palette.holder.places
    .map((p) => p.id)
    .filter((id) => planAt({ plan }, id)?.paintId !== planAt(palette, id)?.paintId)
  return { plan, moved, meanStep: steps.length ? steps.reduce((s, d) => s + d, 0) / steps.length : undefined }
}

function scorer(palette: Palette, known: Map<string, PaintView>) {
  return (plan: Palette['plan']) => stepsBetweenNeighbours(palette, known, plan).reduce((sum, d) => sum + d, 0)
}

const pairsOf = new WeakMap<Palette['holder'], [string, string][]>()

function stepsBetweenNeighbours(palette: Palette, known: Map<string, PaintView>, plan: Palette['plan']): number[] {
  let pairs = pairsOf.get(palette.holder)
  if (!pairs) pairsOf.set(palette.holder, (pairs = neighbourPairs(palette.holder)))
  return pairs.flatMap(([p, q]) => {
    const [one, other] = [known.get(planAt({ plan }, p)?.paintId ?? ''), known.get(planAt({ plan }, q)?.paintId ?? '')]
    return one && other ? [wheelDistance(one, other)] : []
  })
}
