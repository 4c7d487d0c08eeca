import type { Diff } from '../documents/diff'
import type { DocumentOf, EditableKind } from '../documents/kinds'
import type { JournalEntry } from '../documents/journal/journalEntry'
import type { Touched } from '../ledger/ledger'

/** What one command changes: documents in place, and entries the journal grows by. */
export interface WriteSet {
  diff: Diff
  journal: readonly JournalEntry[]
}

/** Who made a change: this person here, the database or a file at opening, another tab. */
export type Origin = 'user' | 'load' | 'other tab'

/** A document as it is now; null where it is gone. */
export type DocumentNow = {
  [K in EditableKind]: { kind: K; id: string; document: DocumentOf<K> | null }
}[EditableKind]

/** What became of a write set: what storage keeps, other tabs take over and the worker's mirror follows. */
export interface Delta {
  documents: readonly DocumentNow[]
  journal: readonly JournalEntry[]
}

/** What an application of changes did. */
export interface Applied {
  revision: number
  origin: Origin
  /** True when everything was put in anew. */
  whole: boolean
  delta: Delta
  /** Items and palettes of which the ledger says something new. */
  touched: Touched
}
