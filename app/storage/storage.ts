import Dexie from 'dexie'
import {
  applyToDocument,
  fail,
  KIND_NAMES,
  loadDocument,
  noDocuments,
  ok,
  type Collection,
  type Diff,
  type JournalEntry,
  type Problem,
  type Result,
  type Unreadable,
} from '@juxtachrome/core'
import { Database, TABLES_VERSION, type Raw } from './database'

/** What one command changes: documents in place, and entries the journal grows by. */
export interface WriteSet {
  diff: Diff
  journal: readonly JournalEntry[]
}

export interface StorageEvents {
  /** The database was closed under us: deleted, or a newer tab wants to change its tables. */
  closed(problem: Problem): void
}

/** Everything that is kept in the browser. All writes are transactions. */
export class CollectionStorage {
  readonly #db: Database

  constructor(db = new Database()) {
    this.#db = db
  }

  async open(events: StorageEvents): Promise<Result<void>> {
    this.#db.on('versionchange', (event) => {
      this.#db.close()
      events.closed(
        event.newVersion === null
          ? {
              code: 'deleted',
              message: 'The collection was deleted from outside this window. Export what you see here, then reload.',
            }
          : {
              code: 'newer-tab',
              message: 'A newer Juxtachrome is open in another tab. This one stopped saving: reload it.',
            },
      )
      return false
    })
    this.#db.on('close', () =>
      events.closed({
        code: 'closed',
        message: 'The browser closed the database. Export what you see here, then reload.',
      }),
    )
    try {
      await this.#db.open()
      // Dexie opens a newer layout without complaint; writing into it could harm what it holds
      if (this.#db.backendDB().version < (TABLES_VERSION + 1) * 10) return ok(undefined)
      this.#db.close()
      return NEWER_DATABASE
    } catch (error) {
      return problemOf(error)
    }
  }

  async load(): Promise<Result<Collection>> {
    try {
      const collection: Collection = { documents: noDocuments(), unreadable: [] }
      for (const kind of KIND_NAMES) {
        for (const raw of await this.#db.of(kind).toArray()) {
          const loaded = loadDocument(kind, raw)
          if (loaded.ok) (collection.documents[kind] as unknown[]).push(loaded.value)
          else collection.unreadable.push({ kind, raw, problem: loaded.error })
        }
      }
      for (const { value } of await this.#db.meta.where('key').startsWith(NAMELESS).toArray())
        collection.unreadable.push(value as Unreadable)
      return ok(collection)
    } catch (error) {
      return problemOf(error)
    }
  }

  /** Writes one command. A document that another tab changed meanwhile keeps that tab's fields. */
  async write({ diff, journal }: WriteSet): Promise<Result<void>> {
    return this.#inTransaction(async () => {
      for (const { kind, id, before, after } of diff) {
        const table = this.#db.of(kind)
        const present = ((await table.get(id)) ?? null) as typeof before
        const next = applyToDocument(present, before, after)
        if (next) await table.put(plain(next))
        else await table.delete(id)
      }
      if (journal.length) await this.#db.journal.bulkPut(journal.map(plain))
    })
  }

  /** Puts a whole collection in place of what is there, or beside it. All or nothing. */
  async putAll(
    { documents, unreadable }: Collection,
    how: 'replace' | 'add',
    progress: (done: number, of: number) => void = () => undefined,
  ): Promise<Result<void>> {
    const of = KIND_NAMES.reduce((n, kind) => n + documents[kind].length, 0)
    let done = 0
    return this.#inTransaction(async () => {
      if (how === 'replace') await this.#clear()
      for (const kind of KIND_NAMES) {
        const table = this.#db.of(kind)
        const rows = documents[kind] as { id: string }[]
        for (let i = 0; i < rows.length; i += PORTION) {
          await table.bulkPut(rows.slice(i, i + PORTION).map(plain))
          progress((done += Math.min(PORTION, rows.length - i)), of)
        }
      }
      for (const [i, one] of unreadable.entries()) {
        if (hasId(one.raw)) await this.#db.of(one.kind).put(one.raw)
        else await this.#db.meta.put({ key: `${NAMELESS}${Date.now()}-${i}`, value: one })
      }
    })
  }

  async wipe(): Promise<Result<void>> {
    return this.#inTransaction(() => this.#clear())
  }

  async #clear(): Promise<void> {
    for (const kind of KIND_NAMES) await this.#db.of(kind).clear()
    await this.#db.meta.where('key').startsWith(NAMELESS).delete()
  }

  async getMeta(key: string): Promise<unknown> {
    return (await this.#db.meta.get(key))?.value
  }

  async setMeta(key: string, value: unknown): Promise<void> {
    await this.#db.meta.put({ key, value })
  }

  async #inTransaction(work: () => Promise<void>): Promise<Result<void>> {
    try {
      await this.#db.transaction('rw', this.#db.tables, work)
      return ok(undefined)
    } catch (error) {
      return problemOf(error)
    }
  }
}

/** Where documents are kept that cannot be read and have no id to be kept under. */
const NAMELESS = 'unreadable/'
/** Documents written between two words on how far it is. */
const PORTION = 2000

/** IndexedDB clones what it is given; a copy without Vue's proxies is safe to hand over. */
const plain = (document: object) => JSON.parse(JSON.stringify(document)) as Raw
const hasId = (raw: unknown): raw is Raw =>
  typeof raw === 'object' && raw !== null && typeof (raw as Raw).id === 'string'

const NEWER_DATABASE = fail(
  'newer-database',
  'This collection was last opened by a newer Juxtachrome. Reload to get the newer one; nothing was changed.',
)

function problemOf(error: unknown): Result<never> {
  const name = error instanceof Error ? error.name : ''
  const inner = error instanceof Dexie.DexieError ? (error.inner as Error | undefined)?.name : ''
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError')
    return fail(
      'disk-full',
      'The disk or the browser’s share of it is full, so this is not saved. Export the collection or free some space, then try again.',
    )
  if (name === 'VersionError') return NEWER_DATABASE
  if (name === 'DatabaseClosedError')
    return fail(
      'closed',
      'The browser closed the database, so this is not saved. Export what you see here, then reload.',
    )
  if (name === 'MissingAPIError' || name === 'InvalidStateError' || name === 'SecurityError')
    return fail(
      'no-database',
      'This browser window does not allow a database (a private window, perhaps). Nothing can be kept here.',
    )
  return fail(
    'storage-failed',
    `The browser could not keep this: ${error instanceof Error ? error.message : String(error)}`,
  )
}
