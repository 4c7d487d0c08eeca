import { EDITABLE_KINDS, type DocumentOf, type EditableKind } from '../documents/kinds'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { Ledger } from '../ledger/ledger'
import type { Contents, Unreadable } from './contents'
import { frozen } from './freezing'
import { slim } from './slim'

export type Tables = { [K in EditableKind]: Map<string, DocumentOf<K>> }

/** A whole collection that is ready to be put in place of another. */
export interface Prepared {
  tables: Tables
  journal: Map<string, JournalEntry>
  ledger: Ledger
  unreadable: readonly Unreadable[]
}

/** Documents and entries that are taken in between two steps. */
const PORTION = 500

export const emptyTables = () => Object.fromEntries(EDITABLE_KINDS.map((k) => [k, new Map()])) as unknown as Tables

/**
 * A collection made ready step by step, so that whoever waits is not held up; each step says how many documents and
 * entries are in. The journal goes into its ledger day by day, corrections before what they correct: in whatever order
 * the entries come, lists of events only grow.
 */
export function* prepare({ documents, unreadable }: Contents): Generator<number, Prepared> {
  const tables = emptyTables()
  let done = 0
  for (const kind of EDITABLE_KINDS)
    for (const document of documents[kind]) {
      ;(tables[kind] as Map<string, unknown>).set(document.id, frozen(slim(kind, document)))
      if (++done % PORTION === 0) yield done
    }
  const journal = new Map<string, JournalEntry>()
  const corrections: JournalEntry[] = []
  const days = new Map<string, JournalEntry[]>()
  for (const entry of documents.journal) {
    journal.set(entry.id, frozen(entry))
    if (entry.type === 'correction') corrections.push(entry)
    else {
      const day = days.get(entry.event.day)
      if (day) day.push(entry)
      else days.set(entry.event.day, [entry])
    }
    if (journal.size % (PORTION * 10) === 0) yield done
  }
  const ledger = new Ledger()
  let portion = corrections
  for (const day of [...days.keys()].sort()) {
    for (const entry of days.get(day)!) portion.push(entry)
    if (portion.length < PORTION) continue
    ledger.addAll(portion)
    done += portion.length
    portion = []
    yield done
  }
  ledger.addAll(portion)
  return { tables, journal, ledger, unreadable }
}
