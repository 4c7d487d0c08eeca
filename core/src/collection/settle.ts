import { applyToDocument, type Diff } from '../documents/diff'
import type { Delta, DocumentNow } from './writeSet'

/**
 * Brings documents as the database now holds them together with commands made here that it does not hold
 * yet. Deltas carry the database's own order; one that arrives late says nothing about a document of which
 * something newer is known. So every tab ends with what the database holds, in whatever order it hears of it.
 */
export class Settling {
  readonly #known = new Map<string, number>()

  #readAt = -1

  /** Everything was read at this place of the order; what is older says nothing new. */
  restart(order: number): void {
    this.#known.clear()
    this.#readAt = order
  }

  /** The delta to take in, of one that the database wrote as its `order`th. */
  settle({ documents, journal }: Delta, order: number, pending: readonly Diff[]): Delta {
    const known = (d: DocumentNow) => this.#known.get(`${d.kind}/${d.id}`) ?? this.#readAt
    const fresh = documents.filter((d) => known(d) < order)
    for (const { kind, id } of fresh) this.#known.set(`${kind}/${id}`, order)
    return { documents: fresh.map((d) => rebased(d, pending)), journal }
  }
}

function rebased(stored: DocumentNow, pending: readonly Diff[]): DocumentNow {
  let { document } = stored
  for (const diff of pending)
    for (const { kind, id, before, after } of diff)
      if (kind === stored.kind && id === stored.id)
        document = applyToDocument(document as typeof before, before, after) as typeof document
  return { ...stored, document } as DocumentNow
}
