import { applyToDocument, type Change, type Diff } from '../documents/diff'
import type { Delta, DocumentNow } from './writeSet'

/**
 * Brings documents as the database now holds them together with commands made here that it does not hold
 * yet. Deltas carry the database's own order; one that arrives late says nothing about a document of which
 * something newer is known. So every tab ends with what the database holds, in whatever order it hears of it.
 */
export class Settling {
  readonly #known = new Map<string, number>()
  /** Documents as the database holds them, where something made here lies over them and is seen instead. */
  readonly #under = new Map<string, DocumentNow>()
  /** Every write up to this one was read or heard of. */
  #through = -1
  /** Later ones that were heard of, after a gap. */
  readonly #beyond = new Set<number>()

  /** Everything was read at this place of the order; what is older says nothing new. */
  restart(order: number): void {
    this.#known.clear()
    this.#under.clear()
    this.#beyond.clear()
    this.#through = order
  }

  /** The place of the order up to which nothing is missing. */
  get through(): number {
    return this.#through
  }

  /** Whether something later was heard of than what is missing: it is on its way, or who wrote it did not live to tell. */
  get hasGap(): boolean {
    return this.#beyond.size > 0
  }

  /** Whether everything that the database had written by its `order`th write was heard of. */
  isAt(order: number): boolean {
    return this.#through === order && !this.hasGap
  }

  /** The delta to take in, of one that the database wrote as its `order`th; `pending` is what it does not hold yet. */
  settle(delta: Delta, order: number, pending: readonly Diff[]): Delta {
    if (order > this.#through) this.#beyond.add(order)
    const settled = this.#settled(delta, order, pending)
    this.#closeGap()
    return settled
  }

  /** The delta to take in, of all that was written since `through`, read off the database at its `order`th write. */
  catchUp(delta: Delta, order: number, pending: readonly Diff[]): Delta {
    const settled = this.#settled(delta, order, pending)
    this.#through = Math.max(this.#through, order)
    for (const heard of this.#beyond) if (heard <= this.#through) this.#beyond.delete(heard)
    this.#closeGap()
    return settled
  }

  #closeGap(): void {
    while (this.#beyond.delete(this.#through + 1)) this.#through += 1
  }

  #settled({ documents, journal }: Delta, order: number, pending: readonly Diff[]): Delta {
    const newest = documents.flatMap((d) => this.#newest(d, order) ?? [])
    const changes = byDocument(pending)
    return { documents: newest.map((d) => this.#withPending(d, changes)), journal }
  }

  /** The newest that is known of a document; nothing where that is in sight already. */
  #newest(stored: DocumentNow, order: number): DocumentNow | undefined {
    const key = keyOf(stored)
    // what comes late says nothing new, but with it something made here has left the way to the database
    if ((this.#known.get(key) ?? this.#through) >= order) return this.#under.get(key)
    this.#known.set(key, order)
    return stored
  }

  #withPending(stored: DocumentNow, pending: ReadonlyMap<string, readonly Change[]>): DocumentNow {
    const key = keyOf(stored)
    const changes = pending.get(key)
    if (changes) this.#under.set(key, stored)
    else this.#under.delete(key)
    return changes ? rebased(stored, changes) : stored
  }
}

const keyOf = ({ kind, id }: DocumentNow | Change) => `${kind}/${id}`

/** What is pending, in its order, of each document. */
function byDocument(pending: readonly Diff[]): Map<string, Change[]> {
  const changes = new Map<string, Change[]>()
  for (const change of pending.flat()) {
    const key = keyOf(change)
    changes.set(key, [...(changes.get(key) ?? []), change])
  }
  return changes
}

/** A stored document with what is pending done to it. */
function rebased(stored: DocumentNow, changes: readonly Change[]): DocumentNow {
  const done = (document: unknown, { before, after }: Change) => applyToDocument<unknown>(document, before, after)
  return { ...stored, document: changes.reduce(done, stored.document as unknown) } as DocumentNow
}
