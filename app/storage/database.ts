import Dexie, { type Table } from 'dexie'
import type { KindName } from '@juxtachrome/core/documents'

/** Raw rows: whatever was stored, of this version or another. Only core decides what can be read. */
export type Raw = { id: string } & Record<string, unknown>

/** Layout of the tables, not of the documents in them. */
export const TABLES_VERSION = 6

/** One table per kind of document. */
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
  declare leftovers: Table<Raw, string>
  declare journal: Table<Raw, string>
  declare meta: Table<{ key: string; value: unknown }, string>

  constructor(name = 'juxtachrome') {
    super(name)
    this.version(1).stores({ paints: 'id', items: 'id', palettes: 'id', leftovers: 'id', journal: 'id', meta: 'key' })
    this.version(2).stores({ recipes: 'id' })
    this.version(3).stores({ pans: 'id' })
    this.version(4).stores({ guides: 'id', versions: 'id' })
    this.version(5).stores({ rankings: 'id', trials: 'id' })
    this.version(TABLES_VERSION).stores({ holders: 'id', blends: 'id' })
  }

  of(kind: KindName): Table<Raw, string> {
    return this[kind]
  }
}
