import type { Collection } from './collection'
import type { Key } from './keys'
import type { Reading, Source } from './reading'
import { Rests } from './rests'

/** Whether a value that was worked out anew counts as the one that was there before. */
type Same<T> = (before: T, after: T) => boolean

/** The very same, or lists of the very same members. */
const sameMembers = (before: unknown, after: unknown): boolean =>
  Object.is(before, after) ||
  (Array.isArray(before) &&
    Array.isArray(after) &&
    before.length === after.length &&
    before.every((member, i) => Object.is(member, after[i])))

/** A value worked out from a collection, kept for as long as what it rests on does not change. */
class Worked<T> implements Source {
  #value: { is: T } | undefined
  #rests = new Rests()
  /** The revision for which it is known to hold. */
  #holdsAt = -1
  #becameAt = 0

  constructor(
    readonly workOut: (reading: Reading) => T,
    readonly same: Same<T>,
  ) {}

  read(reading: Reading): T {
    const value = this.#now(reading.collection)
    reading.rest(this)
    return value
  }

  becameAt(collection: Collection): number {
    this.#now(collection)
    return this.#becameAt
  }

  keys(): Iterable<Key> {
    return this.#rests.keys()
  }

  #now(collection: Collection): T {
    const { revision } = collection
    if (!this.#value || (this.#holdsAt !== revision && this.#rests.haveChanged(collection))) {
      const rests = new Rests()
      const value = this.workOut(rests.reading(collection))
      if (!this.#value || !this.same(this.#value.is, value)) {
        this.#value = { is: value }
        this.#becameAt = revision
      }
      this.#rests = rests
    }
    this.#holdsAt = revision
    return this.#value.is
  }
}

/**
 * What is worked out from a collection, and anew only when something that it read changed. Whoever reads it hears of a
 * change only when the value became another: by `same`, or else when it is another object or a list of other members.
 */
export function derived<T>(workOut: (reading: Reading) => T, same: Same<T> = sameMembers): (reading: Reading) => T {
  const known = new WeakMap<Collection, Worked<T>>()
  return (reading) => {
    const worked = known.get(reading.collection) ?? new Worked(workOut, same)
    known.set(reading.collection, worked)
    return worked.read(reading)
  }
}

/** The same of one thing among many, by its id. */
export function derivedOf<T>(
  workOut: (reading: Reading, id: string) => T,
  same: Same<T> = sameMembers,
): (reading: Reading, id: string) => T {
  const known = new Map<string, (reading: Reading) => T>()
  return (reading, id) => {
    const own = known.get(id) ?? derived((r: Reading) => workOut(r, id), same)
    known.set(id, own)
    return own(reading)
  }
}

/** What is worked out from one document, and anew only when that document became another. */
export function byDocument<D extends object, T>(workOut: (document: D) => T): (document: D) => T {
  const known = new WeakMap<D, { value: T }>()
  return (document) => {
    const cached = known.get(document)
    if (cached) return cached.value
    const value = workOut(document)
    known.set(document, { value })
    return value
  }
}
