import type { Palette, PlacePlan } from '../documents/palette'
import { planAt } from '../documents/plan'
import { fail, ok, type Result } from '../result'

type Moved = Result<Palette>

const isBare = (plan: PlacePlan | undefined) => !plan || (!plan.paintId && plan.reserved === undefined && !plan.locked)

function withPlans(palette: Palette, plans: Record<string, PlacePlan | undefined>): Palette {
  const merged = Object.entries({ ...palette.plan, ...plans })
  return {
    ...palette,
    plan: Object.fromEntries(merged.filter((entry): entry is [string, PlacePlan] => !isBare(entry[1]))),
  }
}

const knows = (palette: Palette, placeId: string) => palette.holder.places.some((p) => p.id === placeId)
const noSuchPlace = (placeId: string) => fail('no-such-place', `There is no place ${placeId} in this palette.`, placeId)
const isLocked = (placeId: string) => fail('place-locked', `${placeId} is locked. Unlock it first.`, placeId)

/** Plans a paint for a place; what was planned there goes, and so does a reservation. Errors: `no-such-place`, `place-locked`. */
export function placePaint(palette: Palette, placeId: string, paintId: string): Moved {
  if (!knows(palette, placeId)) return noSuchPlace(placeId)
  if (planAt(palette, placeId)?.locked) return isLocked(placeId)
  return ok(withPlans(palette, { [placeId]: { paintId } }))
}

/** Moves what is planned in one place to another; what is planned there comes back in exchange. Errors: `no-such-place`, `place-locked`. */
export function movePlan(palette: Palette, from: string, to: string): Moved {
  if (!knows(palette, from) && !planAt(palette, from)) return noSuchPlace(from)
  if (!knows(palette, to)) return noSuchPlace(to)
  if (planAt(palette, from)?.locked) return isLocked(from)
  if (planAt(palette, to)?.locked) return isLocked(to)
  return ok(from === to ? palette : withPlans(palette, { [from]: planAt(palette, to), [to]: planAt(palette, from) }))
}

/** Takes the planned paint or reservation out of a place. Errors: `no-such-place`, `place-locked`. */
export function clearPlan(palette: Palette, placeId: string): Moved {
  if (!knows(palette, placeId) && !planAt(palette, placeId)) return noSuchPlace(placeId)
  if (planAt(palette, placeId)?.locked) return isLocked(placeId)
  return ok(withPlans(palette, { [placeId]: undefined }))
}

/** Keeps a place free with a note ("a darker brown"). Errors: `no-such-place`, `place-locked`, `note-too-long`. */
export function reservePlace(palette: Palette, placeId: string, note: string): Moved {
  if (!knows(palette, placeId)) return noSuchPlace(placeId)
  if (planAt(palette, placeId)?.locked) return isLocked(placeId)
  if (note.length > 200) return fail('note-too-long', 'The note can have at most 200 characters.', placeId)
  return ok(withPlans(palette, { [placeId]: { reserved: note.trim() } }))
}

/** Locks a place, empty or not, against ordering and moving, or unlocks it. Errors: `no-such-place`. */
export function lockPlace(palette: Palette, placeId: string, locked: boolean): Moved {
  if (!knows(palette, placeId)) return noSuchPlace(placeId)
  const { locked: _was, ...plan } = planAt(palette, placeId) ?? {}
  return ok(withPlans(palette, { [placeId]: locked ? { ...plan, locked: true } : plan }))
}

/** Whether a place takes a paint without pushing anything out. */
export const isFree = (palette: Palette, placeId: string) => isBare(planAt(palette, placeId))

/** Free places in the holder's own order. */
export const freePlaces = (palette: Palette): string[] =>
  palette.holder.places.map((p) => p.id).filter((id) => isFree(palette, id))
