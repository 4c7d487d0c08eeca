import { fail, ok, type Problem, type Result } from '@juxtachrome/core/result'
import { applyToDocument, KIND_NAMES, loadDocument, type Change, type KindName } from '@juxtachrome/core/documents'
import {
  isApart,
  isKind,
  type Contents,
  type Delta,
  type DocumentNow,
  type Unreadable,
  type WriteSet,
} from '@juxtachrome/core/collection'
import { boundEntry, putEntries } from './bundles'
import { Database, type Raw } from './database'
import { withLock } from './locks'
import { STOPPED, type LongWork } from './longWork'
import { beginEra, countOn, orderOf, type Order } from './order'
import { ASIDE, LARGE, PORTION, readAll, readPiecemeal, type Loaded, type Progress } from './reading'
import { noteTouched, writtenSince } from './touched'
import { CLOSED, NEWER_TAB, problemOf } from './problems'
import { strangeLayout } from './layout'

export interface StorageEvents {
  /** An older tab holds the database and lets nobody change its tables; it is waited for. */
  blocked?(): void
  /** The database was closed under us: deleted, or a newer tab wants to change its tables. */
  closed(problem: Problem): void
}

/** A write as the database took it: the documents as they now are, and its place in the order. */
export interface Written {
  delta: Delta
  order: Order
}

/** A collection that was put in: where the order stood just before, and the new era. */
export interface Put {
  before: Order
  order: Order
}

/** Everything that is kept in the browser. All writes are transactions. */
export class CollectionStorage {
  readonly #db: Database

  constructor(db = new Database()) {
    this.#db = db
  }

  get name(): string {
    return this.#db.name
  }

  async open(events: StorageEvents): Promise<Result<void>> {
    this.#db.on('versionchange', (event) => {
      this.#db.close()
      events.closed(event.newVersion === null ? DELETED : NEWER_TAB)
      return false
    })
    this.#db.on('blocked', () => events.blocked?.())
    this.#db.on('close', () => events.closed(CLOSED))
    try {
      const problem = await strangeLayout(this.#db)
      if (problem) return problem
      await this.#db.open()
      return ok(undefined)
    } catch (error) {
      return problemOf(error)
    }
  }

  /** Opens again what the browser closed of itself. Errors: those of the disk. */
  async reopen(): Promise<Result<void>> {
    try {
      this.#db.close({ disableAutoOpen: false })
      await this.#db.open()
      return ok(undefined)
    } catch (error) {
      return problemOf(error)
    }
  }

  /** Everything; where the disk does not give everything at once, what it gives row by row. */
  async load(progress: Progress = () => undefined): Promise<Result<Loaded>> {
    try {
      return ok(await readAll(this.#db, progress))
    } catch (error) {
      if (!this.#db.isOpen()) return problemOf(error)
    }
    try {
      const contents = await readPiecemeal(this.#db, progress)
      return ok({ contents, order: await orderOf(this.#db) })
    } catch (error) {
      return problemOf(error)
    }
  }

  /**
   * Writes one command, all of it or nothing. A document that another tab changed meanwhile keeps that tab's
   * fields; a row that an older version wrote is migrated before it is merged with.
   * Errors: `replaced-elsewhere` (made before everything was replaced), `unreadable-row`, and those of the disk.
   */
  write(write: WriteSet, era?: string, how: LongWork = {}): Promise<Result<Written>> {
    return withLock('shared', () =>
      this.#inTransaction(async () => {
        if (era !== undefined && (await orderOf(this.#db)).era !== era) throw REPLACED
        const documents = await this.#writeDiff(write.diff, how)
        if (write.journal.length) await this.#db.journal.bulkPut(write.journal.map(plain))
        const delta: Delta = { documents, journal: write.journal }
        const order = await countOn(this.#db)
        await noteTouched(this.#db, order, delta)
        return { delta, order }
      }),
    )
  }

  /** Documents as they lie on the disk, those that are there; for what is read only when it is seen. */
  async rows(kind: KindName, ids: readonly string[]): Promise<Raw[]> {
    return (await this.#db.of(kind).bulkGet([...ids])).flatMap((row) => row ?? [])
  }

  /** Where the database's own order stands. Errors: those of the disk. */
  orderNow(): Promise<Result<Order>> {
    return asked(() => orderOf(this.#db))
  }

  /**
   * What was written after a place of the order, as it now stands; nothing where only reading everything anew tells.
   * Errors: those of the disk.
   */
  since(from: Order): Promise<Result<Written | undefined>> {
    return asked(() => this.#db.transaction('r', this.#db.tables, () => writtenSince(this.#db, from)))
  }

  async #writeDiff(diff: WriteSet['diff'], { progress, signal }: LongWork): Promise<DocumentNow[]> {
    const written: DocumentNow[] = []
    for (const kind of new Set(diff.map((c) => c.kind))) {
      const changes = diff.filter((c) => c.kind === kind)
      for (let i = 0; i < changes.length; i += PORTION) {
        written.push(...(await this.#writePortion(kind, changes.slice(i, i + PORTION))))
        progress?.(written.length, diff.length)
        if (signal?.aborted) throw STOPPED
      }
    }
    return written
  }

  async #writePortion(kind: Change['kind'], changes: readonly Change[]): Promise<DocumentNow[]> {
    const table = this.#db.of(kind)
    const rows = await table.bulkGet(changes.map((c) => c.id))
    const now = new Map<string, DocumentNow>()
    changes.forEach((change, i) => {
      const present = now.has(change.id) ? now.get(change.id)!.document : this.#present(change, rows[i])
      const document = applyToDocument(present as typeof change.before, change.before, change.after)
      now.set(change.id, { kind, id: change.id, document } as DocumentNow)
    })
    const all = [...now.values()]
    await table.bulkPut(all.flatMap((d) => (d.document ? [plain(d.document)] : [])))
    await table.bulkDelete(all.filter((d) => !d.document).map((d) => d.id))
    return all
  }

  /** A stored row brought up to the present version; nothing is ever merged into what cannot be read. */
  #present({ kind, id }: Change, row: Raw | undefined): Change['after'] {
    if (!row) return null
    const loaded = loadDocument(kind, row)
    if (!loaded.ok) throw new UnreadableRow({ ...loaded.error, where: id })
    return loaded.value as Change['after']
  }

  /** Puts a whole collection, plain as it was read, in place of what is there or beside it. All or nothing. */
  putAll(
    { documents, unreadable }: Contents,
    how: 'replace' | 'add',
    progress: Progress = () => undefined,
  ): Promise<Result<Put>> {
    const of = KIND_NAMES.reduce((n, kind) => n + documents[kind].length, 0)
    let done = 0
    return withLock('exclusive', () =>
      this.#inTransaction(async () => {
        const before = await orderOf(this.#db)
        if (how === 'replace') await this.#clear()
        for (const kind of KIND_NAMES) {
          const rows = documents[kind] as { id: string }[]
          if (kind === 'journal') {
            await putEntries(this.#db, rows as Raw[], (put) => progress((done += put), of))
            continue
          }
          const table = this.#db.of(kind)
          // what carries something large goes over in few at a time: each portion holds the page
          const most = isApart(kind) ? LARGE : PORTION
          for (let i = 0; i < rows.length; i += most) {
            await table.bulkPut(rows.slice(i, i + most) as Raw[])
            progress((done += Math.min(most, rows.length - i)), of)
          }
        }
        for (const [i, one] of unreadable.entries()) await this.#putBeside(one, i)
        return { before, order: await beginEra(this.#db) }
      }),
    )
  }

  /** What cannot be read is kept, but never in the place of what can. */
  async #putBeside(one: Unreadable, i: number): Promise<void> {
    if (isKind(one.kind) && hasId(one.raw) && !(await this.#row(one.kind, one.raw.id)))
      await this.#db.of(one.kind).put(one.raw)
    else await this.#putAside(one, i)
  }

  /** A row wherever it lies, and what takes it out of there. */
  async #row(kind: KindName, id: string): Promise<{ row: Raw; remove: () => Promise<void> } | undefined> {
    const table = this.#db.of(kind)
    const row = await table.get(id)
    if (row) return { row, remove: () => table.delete(id) }
    const bound = kind === 'journal' ? await boundEntry(this.#db, id) : undefined
    return bound && { row: bound.entry, remove: bound.unbind }
  }

  async #putAside(one: Unreadable, i: number): Promise<void> {
    await this.#db.meta.put({ key: `${ASIDE}${Date.now()}-${i}`, value: one })
  }

  /**
   * Moves documents that cannot be read out of their tables, so that they are not tried again at every opening.
   * They stay in the database and go along in every export.
   */
  setAside(unreadable: readonly Unreadable[]): Promise<Result<void>> {
    return withLock('exclusive', () =>
      this.#inTransaction(async () => {
        for (const [i, one] of unreadable.entries()) {
          const there = isKind(one.kind) && hasId(one.raw) && (await this.#row(one.kind, one.raw.id))
          if (!there) continue
          await this.#putAside({ ...one, raw: there.row }, i)
          await there.remove()
        }
      }),
    )
  }

  wipe(): Promise<Result<Put>> {
    return withLock('exclusive', () =>
      this.#inTransaction(async () => {
        const before = await orderOf(this.#db)
        await this.#clear()
        return { before, order: await beginEra(this.#db) }
      }),
    )
  }

  async #clear(): Promise<void> {
    for (const kind of KIND_NAMES) await this.#db.of(kind).clear()
    await this.#db.bundles.clear()
    await this.#db.meta.where('key').startsWith(ASIDE).delete()
  }

  async getMeta(key: string): Promise<unknown> {
    return (await this.#db.meta.get(key))?.value
  }

  async setMeta(key: string, value: unknown): Promise<void> {
    await this.#db.meta.put({ key, value })
  }

  async #inTransaction<T>(work: () => Promise<T>): Promise<Result<T>> {
    try {
      return ok(await this.#db.transaction('rw', this.#db.tables, work))
    } catch (error) {
      if (error === STOPPED) return STOPPED
      if (error === REPLACED)
        return fail('replaced-elsewhere', 'Everything was replaced in another window, so this was not kept.')
      return error instanceof UnreadableRow ? { ok: false, error: error.problem } : problemOf(error)
    }
  }
}

/** What the disk answers, or why it does not. */
async function asked<T>(question: () => Promise<T>): Promise<Result<T>> {
  try {
    return ok(await question())
  } catch (error) {
    return problemOf(error)
  }
}

class UnreadableRow extends Error {
  constructor(readonly problem: Problem) {
    super(problem.message)
  }
}
const REPLACED = new Error('replaced')

/** IndexedDB clones what it is given; a copy without Vue's proxies is safe to hand over. */
const plain = (document: object) => JSON.parse(JSON.stringify(document)) as Raw
const hasId = (raw: unknown): raw is Raw =>
  typeof raw === 'object' && raw !== null && typeof (raw as Raw).id === 'string'

const DELETED: Problem = {
  code: 'deleted',
  message: 'The collection was deleted from outside this window. Export what you see here, then reload.',
}
