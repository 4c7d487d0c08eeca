import type { Collection } from './collection'
import type { Key } from './keys'
import { JournalToCome, Reading, type Source } from './reading'

/**
 * What an answer rests on: the keys and the worked-out values that were read for it, each with the revision at which
 * it was first read.
 */
export class Rests {
  readonly #keys = new Map<Key, number>()
  readonly #sources = new Map<Source, number>()

  /** A reading of a collection that notes into these. */
  reading(collection: Collection): Reading {
    const first =
      <T>(seen: Map<T, number>) =>
      (read: T) => {
        if (!seen.has(read)) seen.set(read, collection.revision)
      }
    return new Reading(collection, first(this.#keys), first(this.#sources))
  }

  /** Whether anything that was read is another now. A value that was worked out anew and came out equal is the same. */
  haveChanged(collection: Collection): boolean {
    for (const [key, at] of this.#keys) if (collection.changedAt(key) > at) return true
    for (const [source, at] of this.#sources) if (becameAt(source, collection) > at) return true
    return false
  }

  /** Every key that was read, those of worked-out values among them. */
  keys(): Set<Key> {
    const all = new Set(this.#keys.keys())
    for (const source of this.#sources.keys()) for (const key of source.keys()) all.add(key)
    return all
  }
}

/** A value that cannot be worked out while the journal is on its way is another than it was. */
function becameAt(source: Source, collection: Collection): number {
  try {
    return source.becameAt(collection)
  } catch (error) {
    if (error instanceof JournalToCome) return Infinity
    throw error
  }
}
