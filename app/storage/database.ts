import Dexie, { type Table } from 'dexie'
import type { KindName } from '@juxtachrome/core/documents'

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

/** Layout of the tables, not of the documents in them. */
export const TABLES_VERSION = 8

/** One table per kind of document, and bundles of journal entries that came in together. */
export class Database extends Dexie {
  declare paints: Table<Raw, string>
  declare items: Table<Raw, string>
  declare palettes: Table<Raw, string>
  declare pans: Table<Raw, string>
  declare recipes: Table<Raw, string>
  declare guides: Table<Raw, string>
  declare versions: Table<Raw, string>
  declare rankings: Table<Raw, string>
  declare trials: Table<Raw, string>
  declare holders: Table<Raw, string>
  declare blends: Table<Raw, string>
  declare pictures: Table<Raw, string>
  declare needs: Table<Raw, string>
  declare shops: Table<Raw, string>
  declare purchases: Table<Raw, string>
  declare budgets: Table<Raw, string>
  declare leftovers: Table<Raw, string>
  declare journal: Table<Raw, string>
  declare bundles: Table<Bundle, string>
  declare meta: Table<{ key: string; value: unknown }, string>

  constructor(name = 'juxtachrome') {
    super(name)
    this.version(1).stores({ paints: 'id', items: 'id', palettes: 'id', leftovers: 'id', journal: 'id', meta: 'key' })
    this.version(2).stores({ recipes: 'id' })
    this.version(3).stores({ pans: 'id' })
    this.version(4).stores({ guides: 'id', versions: 'id' })
    this.version(5).stores({ rankings: 'id', trials: 'id' })
    this.version(6).stores({ holders: 'id', blends: 'id' })
    this.version(7).stores({ bundles: 'id' })
    this.version(TABLES_VERSION).stores({ pictures: 'id', needs: 'id', shops: 'id', purchases: 'id', budgets: 'id' })
  }

  of(kind: KindName): Table<Raw, string> {
    return this[kind]
  }
}
