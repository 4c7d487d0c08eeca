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
  #readAt = -1

  /** Everything was read at this place of the order; what is older says nothing new. */
  restart(order: number): void {
    this.#known.clear()
    this.#under.clear()
    this.#readAt = order
  }

  /** The delta to take in, of one that the database wrote as its `order`th; `pending` is what it does not hold yet. */
  settle({ documents, journal }: Delta, order: number, pending: readonly Diff[]): Delta {
    const newest = documents.flatMap((d) => this.#newest(d, order) ?? [])
    return { documents: newest.map((d) => this.#withPending(d, pending)), journal }
  }

  /** The newest that is known of a document; nothing where that is in sight already. */
  #newest(stored: DocumentNow, order: number): DocumentNow | undefined {
    const key = keyOf(stored)
    // what comes late says nothing new, but with it something made here has left the way to the database
    if ((this.#known.get(key) ?? this.#readAt) >= order) return this.#under.get(key)
    this.#known.set(key, order)
    return stored
  }

  #withPending(stored: DocumentNow, pending: readonly Diff[]): DocumentNow {
    const key = keyOf(stored)
    const seen = rebased(stored, pending)
    if (seen === stored) this.#under.delete(key)
    else this.#under.set(key, stored)
    return seen
  }
}

const keyOf = ({ kind, id }: DocumentNow) => `${kind}/${id}`

/** A stored document with what is pending done to it; itself where nothing is. */
function rebased(stored: DocumentNow, pending: readonly Diff[]): DocumentNow {
  const changes = pending.flat().filter((c) => c.kind === stored.kind && c.id === stored.id)
  if (changes.length === 0) return stored
  const done = (document: unknown, { before, after }: Change) => applyToDocument<unknown>(document, before, after)
  return { ...stored, document: changes.reduce(done, stored.document as unknown) } as DocumentNow
}
