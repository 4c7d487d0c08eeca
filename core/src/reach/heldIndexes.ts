import type { MixtureIndex } from './mixtureIndex'

/** Indexes at hand in this worker or script, by their keys: the newest few, since each may take many megabytes. */
const held = new Map<string, MixtureIndex>()
const MOST_HELD = 8

export function holdIndex(key: string, index: MixtureIndex): void {
  held.delete(key)
  held.set(key, index)
  for (const oldest of held.keys()) {
    if (held.size <= MOST_HELD) break
    held.delete(oldest)
  }
}
export const heldIndex = (key: string): MixtureIndex | undefined => held.get(key)
