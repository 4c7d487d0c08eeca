import { keyOfHeld } from '../collection/keys'
import type { Reading } from '../collection/reading'
import { fail, ok, type Result } from '../result'
import { joinParts, keyOfIndex, type IndexPart, type MixtureIndex } from './mixtureIndex'

/** Indexes at hand in this worker or script, by their keys: the newest few, since each may take many megabytes. */
const held = new Map<string, MixtureIndex>()
const MOST_HELD = 8
const listeners = new Set<(key: string) => void>()

/** Hears of every index that comes in, whoever made it. */
export function whenHeld(listener: (key: string) => void): void {
  listeners.add(listener)
}

export function holdIndex(key: string, index: MixtureIndex): void {
  const isNew = !held.delete(key)
  held.set(key, index)
  for (const oldest of held.keys()) {
    if (held.size <= MOST_HELD) break
    held.delete(oldest)
  }
  if (isNew) for (const listener of listeners) listener(key)
}

/** Holds an index that comes in parts; gives its key. Errors: `stale-parts` (of two states of a collection, or none). */
export function holdParts(parts: readonly IndexPart[]): Result<string> {
  const [key, ...others] = parts.map((part) => keyOfIndex(part.index))
  if (key === undefined || others.some((other) => other !== key))
    return fail('stale-parts', 'The collection changed while this was worked out.')
  holdIndex(key, joinParts([...parts]))
  return ok(key)
}

export const heldIndex = (key: string): MixtureIndex | undefined => held.get(key)

/** The same for whoever wants to hear when an index that was looked for comes in. */
export function heldIndexIn(reading: Reading, key: string): MixtureIndex | undefined {
  reading.note(keyOfHeld(key))
  return held.get(key)
}
