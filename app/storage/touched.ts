import type { Delta, DocumentNow } from '@juxtachrome/core/collection'
import type { EditableKind, JournalEntry } from '@juxtachrome/core/documents'
import { loadDocument } from '@juxtachrome/core/documents'
import type { Database, Raw } from './database'
import { orderOf, type Order } from './order'

/** Writes of which it is kept at least what they touched. */
export const WRITES_KEPT = 1000
const MOST = 2000

/** Inside the transaction of a write. */
export async function noteTouched(db: Database, { count }: Order, { documents, journal }: Delta): Promise<void> {
  const isMuch = documents.length + journal.length > MOST
  const touched = { documents: documents.map((d) => [d.kind, d.id] as const), journal: journal.map((e) => e.id) }
  await db.writes.put(isMuch ? { count } : { count, touched })
  // now and then, not with every write
  if (count % 100 === 0)
    await db.writes
      .where('count')
      .belowOrEqual(count - WRITES_KEPT)
      .delete()
}

/**
 * Inside a transaction: everything that was written after a place of the order, as it now stands; nothing where only
 * reading the whole collection tells, after a longer gap, an import, or in a row that cannot be read.
 */
export async function writtenSince(db: Database, from: Order): Promise<{ delta: Delta; order: Order } | undefined> {
  const order = await orderOf(db)
  if (order.era !== from.era || order.count < from.count) return undefined
  const rows = await db.writes.where('count').between(from.count, order.count, false, true).toArray()
  if (rows.length !== order.count - from.count) return undefined
  const documents = new Map<string, readonly [EditableKind, string]>()
  const entries = new Set<string>()
  for (const { touched } of rows) {
    if (!touched) return undefined
    for (const one of touched.documents) documents.set(one.join('/'), one)
    for (const id of touched.journal) entries.add(id)
  }
  const now = await documentsNow(db, [...documents.values()])
  const journal = await entriesOf(db, [...entries])
  return now && journal && { delta: { documents: now, journal }, order }
}

async function documentsNow(db: Database, keys: readonly (readonly [EditableKind, string])[]) {
  const now: DocumentNow[] = []
  for (const kind of new Set(keys.map(([k]) => k))) {
    const ids = keys.flatMap(([k, id]) => (k === kind ? [id] : []))
    for (const [i, row] of (await db.of(kind).bulkGet(ids)).entries()) {
      const loaded = row && loadDocument(kind, row)
      if (loaded && !loaded.ok) return undefined
      now.push({ kind, id: ids[i]!, document: loaded?.value ?? null } as DocumentNow)
    }
  }
  return now
}

async function entriesOf(db: Database, ids: readonly string[]): Promise<JournalEntry[] | undefined> {
  const rows: (Raw | undefined)[] = await db.journal.bulkGet([...ids])
  const entries: JournalEntry[] = []
  for (const row of rows) {
    const loaded = row && loadDocument('journal', row)
    if (!loaded?.ok) return undefined
    entries.push(loaded.value)
  }
  return entries
}
