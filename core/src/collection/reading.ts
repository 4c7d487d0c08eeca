import type { JournalEntry } from '../documents/journal/journalEntry'
import type { DocumentOf, EditableKind } from '../documents/kinds'
import type { Ledger } from '../ledger/ledger'
import type { Collection } from './collection'
import { keyOfAccount, keyOfDocument, keyOfPlaces, type Key } from './keys'

/** What the journal says, as it is read: each question notes its key. `whole` is for what has none of its own. */
export interface LedgerReading extends Pick<Ledger, 'account' | 'places' | 'eventsOf' | 'sittingsOf'> {
  readonly whole: Ledger
}

/** Thrown where the journal is asked for before all of it has come in. */
export class JournalToCome extends Error {
  constructor() {
    super('The journal has not come in yet.')
  }
}

/** A worked-out value that others may rest on. */
export interface Source {
  /** The revision at which it last became another value. */
  becameAt(collection: Collection): number
  /** The keys that it rests on. */
  keys(): Iterable<Key>
}

/**
 * A way to read a collection that notes what was read. Whoever works something out through a reading need not say what
 * it rests on: documents, kinds of documents, parts of the ledger and worked-out values are noted as they are asked for.
 */
export class Reading {
  readonly ledger: LedgerReading

  /**
   * @param note hears of each key that is read.
   * @param noteSource hears of each worked-out value; without it the keys that the value rests on are noted instead.
   */
  constructor(
    readonly collection: Collection,
    readonly note: (key: Key) => void = () => undefined,
    readonly noteSource?: (source: Source) => void,
  ) {
    const noted = (key: Key): Ledger => {
      if (collection.awaitsJournal) throw new JournalToCome()
      note(key)
      return collection.ledger
    }
    this.ledger = {
      account: (id) => noted(keyOfAccount(id)).account(id),
      places: (id) => noted(keyOfPlaces(id)).places(id),
      eventsOf: (id) => noted(keyOfPlaces(id)).eventsOf(id),
      sittingsOf: (id) => noted(keyOfPlaces(id)).sittingsOf(id),
      get whole() {
        return noted('journal')
      },
    }
  }

  get<K extends EditableKind>(kind: K, id: string | undefined): DocumentOf<K> | undefined {
    if (id === undefined) return undefined
    this.note(keyOfDocument(kind, id))
    return this.collection.get(kind, id)
  }

  /** All documents of a kind; those that were removed and have a history are among them. */
  table<K extends EditableKind>(kind: K): ReadonlyMap<string, DocumentOf<K>> {
    this.note(kind)
    return this.collection.table(kind)
  }

  get journal(): ReadonlyMap<string, JournalEntry> {
    return this.ledger.whole && this.collection.journal
  }

  /** Notes that a worked-out value was read. */
  rest(source: Source): void {
    if (this.noteSource) this.noteSource(source)
    else for (const key of source.keys()) this.note(key)
  }
}

const plain = new WeakMap<Collection, Reading>()
/** A reading that nobody follows: for scripts, commands and tests. */
export function readingOf(collection: Collection): Reading {
  const known = plain.get(collection) ?? new Reading(collection)
  plain.set(collection, known)
  return known
}
