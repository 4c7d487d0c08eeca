import type { Palette, PlacePlan } from './palette'

/** What is planned for a place; a place may have any name, so only the plan's own fields count. */
export const planAt = ({ plan }: Pick<Palette, 'plan'>, placeId: string): PlacePlan | undefined =>
  Object.hasOwn(plan, placeId) ? plan[placeId] : undefined

/** Ids of the paints that are planned anywhere in a palette. */
export const plannedPaints = ({ plan }: Pick<Palette, 'plan'>): Set<string> =>
  new Set(Object.values(plan).flatMap((p) => p.paintId ?? []))

/** Places for which a paint is planned and that the box does not have, as after a change of the box by other means. */
export function lackingPlaces({ plan, holder }: Pick<Palette, 'plan' | 'holder'>): string[] {
  const there = new Set(holder.places.map((p) => p.id))
  return Object.entries(plan).flatMap(([id, { paintId }]) => (paintId && !there.has(id) ? [id] : []))
}
