import type { Holder, Palette, Place } from '../../documents/palette'
import { planAt } from '../../documents/plan'
import { fail, ok, type Result } from '../../result'
import { middleOf, walkOf } from '../geometry'

/** What a place holds besides its plan: in a used palette a pan or a well with paint, or a history. */
export type Used = ReadonlySet<string>

/** A palette's own box after it was redrawn. Errors: `place-in-use` (a place that is used or planned would be gone, or lie there under another name). */
export function redrawHolder(palette: Palette, holder: Holder, used: Used): Result<Palette> {
  const kept = new Map(holder.places.map((p) => [p.id, p]))
  for (const { id, container } of palette.holder.places) {
    const has = used.has(id)
      ? 'paint lies in it, or it has a history'
      : planAt(palette, id) && 'something is planned for it'
    if (!has) continue
    const now = kept.get(id)
    if (!now) return fail('place-in-use', `${id} stays, under its name: ${has}. Empty it first.`, id)
    if (used.has(id) && (now.container === 'well') !== (container === 'well'))
      return fail('place-in-use', `${id} stays what it is, a ${container}: ${has}.`, id)
  }
  return ok({ ...palette, holder })
}

export interface Rehoused {
  palette: Palette
  /** Which place is which now, where the new box calls it otherwise: old name, new place's own name. */
  renamed: [from: string, own: string][]
}

/**
 * The same palette in another box: every place that holds or should hold something becomes a place of the new one, near
 * where it lay and of the same kind, and keeps its name, under which the journal knows it. What lies in pans moves with
 * them; paint in wells is said to be there as it is said now, so this is for a box that was entered wrong, rebuilt, or
 * refilled alike. Errors: `too-small` (with how many of which kind find no place).
 */
export function changeHolder(palette: Palette, holder: Holder, used: Used): Result<Rehoused> {
  const old = palette.holder
  const matters = (id: string) => used.has(id) || planAt(palette, id) !== undefined
  const going = walkOf(old).flatMap((id) => old.places.find((p) => p.id === id && matters(id)) ?? [])
  const free = new Map(holder.places.map((p) => [p.id, p]))
  const to = new Map<string, string>()
  const take = (from: Place, place: Place) => {
    to.set(from.id, place.id)
    free.delete(place.id)
  }
  // the same name and kind first; then what lies nearest, the outlines laid over each other
  for (const from of going) {
    const same = free.get(from.id)
    if (same && same.container === from.container) take(from, same)
  }
  const at = (h: Holder, p: Place) => {
    const m = middleOf(p.shape)
    return { x: m.x / h.width, y: m.y / h.height }
  }
  const left: Place[] = []
  // what is used needs a place of its own kind, what is only planned takes any
  for (const from of [...going.filter((p) => used.has(p.id)), ...going.filter((p) => !used.has(p.id))]) {
    if (to.has(from.id)) continue
    const here = at(old, from)
    const kinds = [...free.values()].filter((p) => p.container === from.container || !used.has(from.id))
    const nearest = kinds
      .map((p) => ({ p, far: Math.hypot(at(holder, p).x - here.x, at(holder, p).y - here.y) }))
      .sort((p, q) => p.far - q.far || (p.p.id < q.p.id ? -1 : 1))[0]
    if (nearest) take(from, nearest.p)
    else left.push(from)
  }
  if (left.length) {
    const kinds = [...new Set(left.map((p) => p.container))].map(
      (kind) => `${left.filter((p) => p.container === kind).length} of kind ${kind}`,
    )
    return fail(
      'too-small',
      `${holder.name} has too few places: ${kinds.join(', ')} would find none (${left.map((p) => p.id).join(', ')}).`,
    )
  }
  const nameOf = new Map([...to].map(([from, own]) => [own, from]))
  const taken = new Set(to.keys())
  const places = holder.places.map((p) => {
    const id = nameOf.get(p.id) ?? freshName(p.id, taken)
    taken.add(id)
    return { ...p, id }
  })
  const renamed = [...to].filter(([from, own]) => from !== own)
  return ok({ palette: { ...palette, holder: { ...holder, places } }, renamed })
}

/** A name that no used place has: its own, or with a dash. */
function freshName(own: string, taken: ReadonlySet<string>): string {
  if (!taken.has(own)) return own
  for (let i = 2; ; i += 1) {
    const name = `${own}-${i}`.slice(-12)
    if (!taken.has(name)) return name
  }
}
