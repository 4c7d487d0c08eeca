import { Holder } from '../../documents/palette'
import { fail, ok, type Result } from '../../result'
import { rowName } from '../holderShapes'
import type { ThingKey } from './things'

/** A drawing after a change, and what of it was just drawn. */
export interface Drawn {
  holder: Holder
  keys: ThingKey[]
}
export type Drawing = Result<Drawn>

export const MOST_PLACES = 200
export const MOST_PARTS = 40
export const tooMany = () => fail('too-many', `A box has at most ${MOST_PLACES} places and ${MOST_PARTS} parts.`)
export const nothing = () => fail('nothing-chosen', 'Choose a well or a part first.')

/** The drawing, where the schema takes it. Errors: `not-a-holder`. */
export function checked(holder: Holder, keys: ThingKey[]): Drawing {
  const read = Holder.safeParse(holder)
  if (!read.success) return fail('not-a-holder', `That cannot be drawn: ${read.error.issues[0]?.message ?? ''}`)
  return ok({ holder, keys })
}

/** Names that are free, one for each place: a letter of its own and numbers. */
export function freshNames(holder: Holder, count: number, letter?: string): string[] {
  const taken = new Set(holder.places.map((p) => p.id))
  const isFree = (l: string) => ![...taken].some((id) => id.startsWith(l) && /^\d+$/.test(id.slice(l.length)))
  const row = letter ?? Array.from({ length: 26 }, (_, i) => rowName(i)).find(isFree) ?? 'Z'
  const names: string[] = []
  for (let i = 1; names.length < count; i += 1) if (!taken.has(`${row}${i}`)) names.push(`${row}${i}`)
  return names
}
