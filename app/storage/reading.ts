import type Dexie from 'dexie'
import { fail } from '@juxtachrome/core/result'
import { KIND_NAMES, type KindName } from '@juxtachrome/core/documents'
import { loadOfAnyKind, noContents, type Contents, type Unreadable } from '@juxtachrome/core/collection'
import type { Database, Raw } from './database'
import { orderOf, type Order } from './order'

export interface Loaded {
  contents: Contents
  order: Order
}
export type Progress = (done: number, of: number) => void

/** Where documents are kept that cannot be read and have no place, or no place any more, in their table. */
export const ASIDE = 'unreadable/'
/** Documents read or written between two words on how far it is. */
export const PORTION = 4000

/** Everything as it stands at one place of the order. */
export function readAll(db: Database, progress: Progress): Promise<Loaded> {
  return db.transaction('r', db.tables, async () => {
    const contents = noContents()
    const of = (await Promise.all(KIND_NAMES.map((kind) => db.of(kind).count()))).reduce((n, c) => n + c, 0)
    let done = 0
    for (const kind of KIND_NAMES) await readKind(db, kind, contents, (rows) => progress((done += rows), of))
    await readAside(db, contents)
    return { contents, order: await orderOf(db) }
  })
}

async function readKind(db: Database, kind: KindName, contents: Contents, step: (rows: number) => void): Promise<void> {
  const table = db.of(kind)
  const read = (after?: string): Promise<Raw[]> =>
    (after === undefined ? table.orderBy('id') : table.where('id').above(after)).limit(PORTION).toArray()
  let rows = await read()
  while (rows.length) {
    // the database reads on while what it gave is looked through
    const next = rows.length === PORTION ? read(rows.at(-1)!.id) : undefined
    for (const raw of rows) sort(contents, kind, raw)
    step(rows.length)
    rows = next ? await next : []
  }
}

function sort(contents: Contents, kind: string, raw: unknown): void {
  const loaded = loadOfAnyKind(kind, raw)
  if (loaded.ok) (contents.documents[kind as KindName] as unknown[]).push(loaded.value)
  else contents.unreadable.push({ kind, raw, problem: loaded.error })
}

async function readAside(db: Dexie, contents: Contents): Promise<void> {
  const aside = await db.table<{ value: unknown }>('meta').where('key').startsWith(ASIDE).toArray()
  for (const { value } of aside) contents.unreadable.push(value as Unreadable)
}

/**
 * What can be read of a database that does not give everything at once, or whose layout is another's: row by
 * row, each by itself. What the disk does not give is named, and left where it is.
 */
export async function readPiecemeal(db: Dexie, progress: Progress = () => undefined): Promise<Contents> {
  const contents = noContents()
  const missed = (kind: string, id: string | undefined, error: unknown) => {
    const why = error instanceof Error ? error.message : String(error)
    const what = id === undefined ? 'This table' : `The document ${id.slice(0, 64)}`
    const { error: problem } = fail('not-given', `${what} could not be read off the disk: ${why}`, id)
    contents.unreadable.push({ kind, raw: id === undefined ? null : { id }, problem })
  }
  const tables = db.tables.filter((t) => t.name !== 'meta')
  for (const [i, table] of tables.entries()) {
    try {
      for (const id of (await table.toCollection().primaryKeys()) as string[]) {
        await table.get(id).then(
          (raw) => sort(contents, table.name, raw),
          (error) => missed(table.name, id, error),
        )
      }
    } catch (error) {
      missed(table.name, undefined, error)
    }
    progress(i + 1, tables.length)
  }
  await readAside(db, contents).catch((error) => missed('meta', undefined, error))
  return contents
}
