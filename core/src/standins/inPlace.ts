import type { Palette, PlacePlan, StandsFor } from '../documents/palette'
import { planAt } from '../documents/plan'
import { fail, ok, type Result } from '../result'
import type { StandIn } from './standIn'

/** A place whose own paint is away, and what stands in. */
export interface Away {
  placeId: string
  standsFor: StandsFor
  /** The paint that stands in; none where a mixture does. */
  paintId?: string
}

/** Places of a palette whose own paint is away. */
export const awayIn = (palette: Pick<Palette, 'plan' | 'holder'>): Away[] =>
  palette.holder.places.flatMap(({ id }) => {
    const plan = planAt(palette, id)
    if (!plan?.standsFor) return []
    return [{ placeId: id, standsFor: plan.standsFor, ...(plan.paintId ? { paintId: plan.paintId } : {}) }]
  })

/**
 * Plans a stand-in for the paint of a place, marked so that it can be restored. A mixture leaves the place free and is
 * written on it; another item of the same paint changes nothing of the plan.
 *
 * Errors: `no-such-place`, `place-locked`, `nothing-planned`, `itself` (a paint for itself), `circle` (what would stand in is away
 * itself, and stood in for), `not-owned`.
 */
export function standInAt(
  palette: Palette,
  placeId: string,
  standIn: Pick<StandIn, 'kind' | 'paintId' | 'mixture'>,
  nameOf: (paintId: string) => string,
): Result<Palette> {
  const plan = planAt(palette, placeId)
  if (!palette.holder.places.some((p) => p.id === placeId))
    return fail('no-such-place', `There is no place ${placeId} in this palette.`, placeId)
  if (plan?.locked) return fail('place-locked', `${placeId} is locked. Unlock it first.`, placeId)
  if (!plan?.paintId && !plan?.standsFor) return fail('nothing-planned', `Nothing is planned for ${placeId}.`, placeId)
  // a stand-in for a stand-in still stands for the first
  const first = plan.standsFor ?? { paintId: plan.paintId!, words: nameOf(plan.paintId!).slice(0, 160) }
  const { paintId, mixture } = standIn
  const members = mixture ? mixture.paints.map((p) => p.id) : paintId ? [paintId] : []
  if (members.length === 0) return fail('not-owned', 'That would have to be bought first. Keep the place for it.')
  if (first.paintId && members.includes(first.paintId)) return fail('itself', 'A paint cannot stand in for itself.')
  const away = new Map(awayIn(palette).flatMap((a) => (a.standsFor.paintId ? [[a.standsFor.paintId, a] as const] : [])))
  const circle = members.find((id) => away.has(id))
  if (circle) {
    const { placeId: at } = away.get(circle)!
    return fail('circle', `${nameOf(circle)} is away itself: something stands in for it in ${at}.`)
  }
  const { paintId: firstId, words } = first
  const standsFor: StandsFor = { ...(firstId ? { paintId: firstId } : {}), words }
  const next: PlacePlan = mixture
    ? {
        reserved: `${words}: ${mixture.paints.map(({ id, parts }) => `${parts} ${nameOf(id)}`).join(' + ')}`.slice(
          0,
          200,
        ),
        standsFor: {
          ...standsFor,
          mixture: { paints: mixture.paints.map(({ id, parts }) => ({ paintId: id, parts })), water: mixture.water },
        },
      }
    : { paintId: paintId!, standsFor }
  return ok({ ...palette, plan: { ...palette.plan, [placeId]: next } })
}

/** Plans the paint that was away again. Errors: `no-such-place`, `place-locked`, `nothing-away`, `no-paint`. */
export function restoreAt(palette: Palette, placeId: string, isThere: (paintId: string) => boolean): Result<Palette> {
  const plan = planAt(palette, placeId)
  if (!plan?.standsFor) return fail('nothing-away', `Nothing stands in at ${placeId}.`, placeId)
  if (plan.locked) return fail('place-locked', `${placeId} is locked. Unlock it first.`, placeId)
  const { paintId } = plan.standsFor
  if (!paintId || !isThere(paintId)) return fail('no-paint', `${plan.standsFor.words} is no longer in the collection.`)
  return ok({ ...palette, plan: { ...palette.plan, [placeId]: { paintId } } })
}
