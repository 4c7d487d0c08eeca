import { Choice } from './choice'
import type { Cover } from './cover'

/** One change of a choice, and by how much it is worth more; below 0 where it is worth less. */
export interface Suggestion {
  out?: string
  in?: string
  worth: number
}

export interface SuggestQuestion {
  cover: Cover
  /** The paints that are in. */
  members: readonly string[]
  /** Those of them that stay. */
  fixed?: readonly string[]
}

/**
 * The best single changes of a choice: what to exchange for what, what to put in besides, and what is missed least
 * when taken out; best first, at most `most` of each kind. Worth in shares, 0..1, as `WORTH` counts it.
 */
export function suggestChange({ cover, members, fixed = [] }: SuggestQuestion, most = 3) {
  const place = new Map(cover.ids.map((id, i) => [id, i]))
  const choice = new Choice(cover)
  choice.become(members.flatMap((id) => place.get(id) ?? []))
  const outside = cover.ids.flatMap((_, p) => (choice.isIn[p] ? [] : [p]))
  const free = choice.members.filter((m) => !fixed.includes(cover.ids[m]!))
  const put = outside.map((p): Suggestion => ({ in: cover.ids[p]!, worth: choice.gainOf(p) }))
  const [exchange, take]: [Suggestion[], Suggestion[]] = [[], []]
  for (const m of free) {
    const full = choice.worth
    choice.remove(m)
    const loss = full - choice.worth
    take.push({ out: cover.ids[m]!, worth: -loss })
    for (const p of outside) exchange.push({ out: cover.ids[m]!, in: cover.ids[p]!, worth: choice.gainOf(p) - loss })
    choice.add(m)
  }
  const best = (list: Suggestion[]) => list.sort((p, q) => q.worth - p.worth).slice(0, most)
  return { exchange: best(exchange), put: best(put), take: best(take) }
}
