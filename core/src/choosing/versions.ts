import { planAt, plannedPaints } from '../documents/plan'
import type { Holder, Palette, PlacePlan } from '../documents/palette'
import type { Version } from '../documents/version'

type Planned = Pick<Palette, 'holder' | 'plan'>

/** What came in, went out and lies elsewhere from one plan to another, by paint. */
export function planDifference(before: Planned, after: Planned) {
  const [was, is] = [plannedPaints(before), plannedPaints(after)]
  const placesOf = (p: Planned, id: string) =>
    p.holder.places.filter((place) => planAt(p, place.id)?.paintId === id).map((place) => place.id)
  return {
    came: [...is].filter((id) => !was.has(id)),
    went: [...was].filter((id) => !is.has(id)),
    moved: [...is].filter((id) => was.has(id) && placesOf(before, id).join() !== placesOf(after, id).join()),
  }
}

/** The same plan: nothing came, went, moved, and what is kept free or locked is the same. */
export const isSamePlan = (one: Planned, other: Planned): boolean =>
  one.holder.id === other.holder.id &&
  one.holder.places.length === other.holder.places.length &&
  one.holder.places.every(({ id }) => JSON.stringify(planAt(one, id)) === JSON.stringify(planAt(other, id)))

/** A plan of which only some paints stay, wherever they lie; locks stay with them. */
export function keepingOnly(palette: Planned, stays: (paintId: string) => boolean): Palette['plan'] {
  const entries = palette.holder.places.flatMap(({ id }): [string, PlacePlan][] => {
    const plan = planAt(palette, id)
    if (!plan || (plan.paintId && !stays(plan.paintId))) return []
    return [[id, plan]]
  })
  return Object.fromEntries(entries)
}

/**
 * The same paints in another box, place after place in order; what is kept free comes along. Those for which there is no
 * place are named.
 */
export function intoHolder(palette: Planned, holder: Holder): { plan: Palette['plan']; left: string[] } {
  const planned = palette.holder.places.flatMap(({ id }) => {
    const plan = planAt(palette, id)
    return plan && (plan.paintId || plan.reserved !== undefined) ? [plan] : []
  })
  const plan = Object.fromEntries(holder.places.slice(0, planned.length).map(({ id }, i) => [id, planned[i]!]))
  return { plan, left: planned.slice(holder.places.length).flatMap((p) => p.paintId ?? []) }
}

/** The version whose plan a palette has now, newest first. */
export const presentVersion = (palette: Palette, versions: readonly Version[]): Version | undefined =>
  versions.find((v) => isSamePlan(v, palette))
