import { keyOfHeld } from '../collection/keys'
import type { Reading } from '../collection/reading'
import { fail, ok, type Result } from '../result'
import { bytesOf, joinParts, keyOfIndex, type IndexPart, type MixtureIndex } from './mixtureIndex'

/** Indexes at hand in this worker or script, by their keys, those last used at the end. */
const held = new Map<string, MixtureIndex>()
/** As many bytes of them as a device can spare; a handful is kept however large, since one question may need several. */
const [MOST_BYTES, ALWAYS_HELD] = [256e6, 8]
const listeners = new Set<(key: string) => void>()

/** Hears of every index that comes in, whoever made it. */
export function whenHeld(listener: (key: string) => void): void {
  listeners.add(listener)
}

export function holdIndex(key: string, index: MixtureIndex): void {
  const isNew = !held.delete(key)
  held.set(key, index)
  let bytes = [...held.values()].reduce((sum, one) => sum + bytesOf(one), 0)
  for (const [oldest, one] of held) {
    if (bytes <= MOST_BYTES || held.size <= ALWAYS_HELD) break
    held.delete(oldest)
    bytes -= bytesOf(one)
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

/** An index that is at hand; asking for it keeps it at hand longer. */
export function heldIndex(key: string): MixtureIndex | undefined {
  const index = held.get(key)
  if (index) {
    held.delete(key)
    held.set(key, index)
  }
  return index
}

/** The same for whoever wants to hear when an index that was looked for comes in. */
export function heldIndexIn(reading: Reading, key: string): MixtureIndex | undefined {
  reading.note(keyOfHeld(key))
  return heldIndex(key)
}
