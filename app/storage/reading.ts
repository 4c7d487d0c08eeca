import type { Dexie, Table } from 'dexie'
import { fail } from '@juxtachrome/core/result'
import { KIND_NAMES, KINDS, type KindName } from '@juxtachrome/core/documents'
import { isApart, loadOfAnyKind, noContents, type Contents, type Unreadable } from '@juxtachrome/core/collection'
import { BUNDLE } from './bundles'
import type { Bundle, Database, Raw } from './database'
import { orderOf, type Order } from './order'
import { SharedTexts } from './sharing'

export interface Loaded {
  contents: Contents
  order: Order
}
export type Progress = (done: number, of: number) => void

/** Where documents are kept that cannot be read and have no place, or no place any more, in their table. */
export const ASIDE = 'unreadable/'
/** Tables that hold no documents of their own. */
const NO_DOCUMENTS = new Set(['meta', 'bundles', 'writes'])
/** Documents read or written between two words on how far it is. */
export const PORTION = 4000
/** Of documents that carry something large, a picture of some 50 kB each. */
export const LARGE = 50

/** Everything as it stands at one place of the order. */
export function readAll(db: Database, progress: Progress): Promise<Loaded> {
  return db.transaction('r', db.tables, async () => {
    const contents = noContents()
    const texts = new SharedTexts()
    const of = (await Promise.all(KIND_NAMES.map((kind) => db.of(kind).count()))).reduce(
      (n, c) => n + c,
      (await db.bundles.count()) * BUNDLE,
    )
    let done = 0
    for (const kind of KIND_NAMES) {
      if (isApart(kind)) {
        done += await readApart(db, kind, contents)
        continue
      }
      await readTable(db.of(kind), PORTION, (rows) => {
        for (const raw of rows) sort(contents, kind, raw, texts)
        progress((done += rows.length), of)
      })
    }
    const sortBundles = bundleSorter(contents, texts)
    await readTable(db.bundles, PORTION / BUNDLE, (bundles) => {
      sortBundles(bundles)
      progress((done += bundles.length * BUNDLE), of)
    })
    await readAside(db, contents)
    return { contents, order: await orderOf(db) }
  })
}

/** Of what lies apart only that it is there; what it holds is read when it is seen. */
async function readApart(db: Database, kind: KindName, { documents }: Contents): Promise<number> {
  const ids = (await db.of(kind).toCollection().primaryKeys()) as string[]
  for (const id of ids) (documents[kind] as unknown[]).push({ id, v: KINDS[kind].version, [KINDS[kind].apart!]: '' })
  return ids.length
}

/** Reads a table in portions; the database reads on while what it gave is looked through. */
async function readTable<T extends { id: string }>(
  table: Table<T, string>,
  portion: number,
  each: (rows: readonly T[]) => void,
): Promise<void> {
  const read = (after?: string): Promise<T[]> =>
    (after === undefined ? table.orderBy('id') : table.where('id').above(after)).limit(portion).toArray()
  let rows = await read()
  while (rows.length) {
    const next = rows.length === portion ? read(rows.at(-1)!.id) : undefined
    each(rows)
    rows = next ? await next : []
  }
}

/** After the journal's own table: what bundles hold, but for what has a row of its own. */
function bundleSorter(contents: Contents, texts?: SharedTexts): (bundles: readonly Bundle[]) => void {
  const { documents, unreadable } = contents
  const known = new Set<unknown>(documents.journal.map((e) => e.id))
  for (const { kind, raw } of unreadable) if (kind === 'journal') known.add((raw as Raw | null)?.id)
  return (bundles) => {
    for (const bundle of bundles) {
      if (!Array.isArray(bundle.entries)) sort(contents, 'bundles', bundle)
      else
        for (const raw of bundle.entries.filter((e) => !known.has(e.id))) {
          known.add(raw.id)
          sort(contents, 'journal', raw, texts)
        }
    }
  }
}

function sort(contents: Contents, kind: string, raw: unknown, texts?: SharedTexts): void {
  const loaded = loadOfAnyKind(kind, raw)
  if (!loaded.ok) return void contents.unreadable.push({ kind, raw, problem: loaded.error })
  const document = kind === 'journal' && texts ? texts.shared(loaded.value) : loaded.value
  ;(contents.documents[kind as KindName] as unknown[]).push(document)
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
  const readRows = async (table: Table<unknown>, take: (raw: unknown) => void) => {
    try {
      for (const id of (await table.toCollection().primaryKeys()) as string[])
        await table.get(id).then(take, (error) => missed(table.name, id, error))
    } catch (error) {
      missed(table.name, undefined, error)
    }
  }
  const tables = db.tables.filter((t) => !NO_DOCUMENTS.has(t.name))
  for (const [i, table] of tables.entries()) {
    await readRows(table, (raw) => sort(contents, table.name, raw))
    progress(i + 1, tables.length)
  }
  const sortBundles = bundleSorter(contents)
  const bundles = db.tables.find((t) => t.name === 'bundles')
  if (bundles) await readRows(bundles, (raw) => sortBundles([raw as Bundle]))
  await readAside(db, contents).catch((error) => missed('meta', undefined, error))
  return contents
}
