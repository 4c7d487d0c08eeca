import Dexie, { type Table } from 'dexie'
import { KIND_NAMES, KINDS, type EditableKind, type KindName } from '@juxtachrome/core/documents'

/** Raw rows: whatever was stored, of this version or another. Only core decides what can be read. */
export type Raw = { id: string } & Record<string, unknown>

/**
 * Entries of the journal that came in together: one row for many, which the database writes and reads some twenty
 * times as fast as a row for each. What a person enters lies in the journal's own table, one row each; the two
 * together are the journal. An entry that is in both counts once, as its own row has it.
 */
export interface Bundle {
  id: string
  entries: Raw[]
}

/**
 * What one of the last writes touched, by its place in the order. A window that was not told of it, since the one that
 * wrote did not live to tell, reads just that anew.
 */
export interface TouchedRow {
  count: number
  /** Left out where it was so much that reading everything is as quick. */
  touched?: { documents: (readonly [kind: EditableKind, id: string])[]; journal: string[] }
}

/** Tables beside those of documents, by the layout that first had them. */
const BESIDE: Record<number, Record<string, string>> = {
  1: { meta: 'key' },
  7: { bundles: 'id' },
  10: { writes: 'count' },
}
/** Layout of the tables, not of the documents in them: the newest kind's, or that of the newest table beside them. */
export const TABLES_VERSION = Math.max(
  ...KIND_NAMES.map((kind) => KINDS[kind].since),
  ...Object.keys(BESIDE).map(Number),
)

/** The tables, with their keys, that came with a layout. */
function added(layout: number): Record<string, string> {
  const since = KIND_NAMES.filter((kind) => KINDS[kind].since === layout)
  return { ...Object.fromEntries(since.map((kind) => [kind, 'id'])), ...BESIDE[layout] }
}

/** One table per kind of document, bundles of journal entries that came in together, and what the last writes touched. */
export class Database extends Dexie {
  declare journal: Table<Raw, string>
  declare bundles: Table<Bundle, string>
  declare writes: Table<TouchedRow, number>
  declare meta: Table<{ key: string; value: unknown }, string>

  constructor(name = 'juxtachrome') {
    super(name)
    for (let layout = 1; layout <= TABLES_VERSION; layout += 1) this.version(layout).stores(added(layout))
  }

  /** The tables that a layout has. */
  tablesOf(layout: number): string[] {
    return Array.from({ length: layout }, (_, i) => Object.keys(added(i + 1))).flat()
  }

  of(kind: KindName): Table<Raw, string> {
    return this.table(kind)
  }
}
