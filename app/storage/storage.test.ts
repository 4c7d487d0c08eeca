import 'fake-indexeddb/auto'
import { added, updated, type JournalEntry, type Paint, noDocuments } from '@juxtachrome/core/documents'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Database, TABLES_VERSION } from './database'
import { salvage } from './salvage'
import { CollectionStorage } from './storage'

const paint: Paint = { id: 'p', v: 2, maker: 'Skerry', name: 'Viridian', pigments: ['PG18'] }
const entry: JournalEntry = {
  id: 'e',
  v: 2,
  recorded: '2026-05-01T08:00:00.000Z',
  type: 'event',
  event: { kind: 'measure', day: '2026-05-01', itemId: 'i', millilitres: 3 },
}

let count = 0
let db: Database
let storage: CollectionStorage
const closed: string[] = []
beforeEach(async () => {
  db = new Database(`test-${(count += 1)}`)
  storage = new CollectionStorage(db)
  closed.length = 0
  await storage.open({ closed: (problem) => closed.push(problem.code) })
})
const load = async () => {
  const r = await storage.load()
  if (!r.ok) throw new Error(r.error.message)
  return r.value.contents
}

describe('storage', () => {
  it('keeps documents and journal entries, unknown fields too', async () => {
    await storage.write({ diff: [added('paints', { ...paint, later: [1] } as Paint)], journal: [entry] })
    expect((await load()).documents).toMatchObject({ paints: [{ ...paint, later: [1] }], journal: [entry] })
  })

  it('merges with what another tab wrote meanwhile', async () => {
    await storage.write({ diff: [added('paints', paint)], journal: [] })
    await db.of('paints').put({ ...paint, note: 'from the other tab' })
    await storage.write({ diff: [updated('paints', paint, { ...paint, series: '2' })], journal: [] })
    expect((await load()).documents.paints).toEqual([{ ...paint, note: 'from the other tab', series: '2' }])
  })

  it('never destroys what it cannot read', async () => {
    await db.of('paints').put({ id: 'future', v: 9, name: 'From tomorrow' })
    await db.of('items').put({ id: 'old', v: 1, paintId: 'p', kind: 'tube', millilitres: 5, state: 'stiff' })
    await storage.write({ diff: [added('paints', paint)], journal: [] })
    const { documents, unreadable } = await load()
    expect(documents.items).toMatchObject([{ v: 2, remarks: ['stiff'] }])
    expect(unreadable).toMatchObject([{ kind: 'paints', problem: { code: 'from-newer-version' } }])
    expect(await db.of('paints').get('future')).toEqual({ id: 'future', v: 9, name: 'From tomorrow' })
  })

  it('writes all of a command or none of it', async () => {
    const broken = { ...entry, id: undefined } as unknown as JournalEntry
    expect((await storage.write({ diff: [added('paints', paint)], journal: [broken] })).ok).toBe(false)
    expect((await load()).documents.paints).toEqual([])
  })

  it('replaces, adds and wipes whole collections', async () => {
    await storage.write({ diff: [added('paints', paint)], journal: [] })
    const other = {
      documents: { ...noDocuments(), paints: [{ ...paint, id: 'q' }], journal: [entry] },
      unreadable: [
        { kind: 'items' as const, raw: { id: 'x', v: 50 }, problem: { code: '', message: '' } },
        { kind: 'paints' as const, raw: 'not even a record', problem: { code: 'not-a-document', message: '' } },
      ],
    }
    await storage.putAll(other, 'add')
    expect((await load()).documents.paints.map((p) => p.id)).toEqual(['p', 'q'])
    await storage.putAll(other, 'replace')
    expect(await load()).toMatchObject({
      documents: { paints: [{ id: 'q' }] },
      unreadable: [{ raw: { id: 'x' } }, { raw: 'not even a record' }],
    })
    await storage.wipe()
    expect(await load()).toMatchObject({ documents: { paints: [], journal: [] }, unreadable: [] })
  })

  it('says so when the database is deleted, or a newer table layout wants it, and then refuses to write', async () => {
    await new Promise((done) => {
      const r = indexedDB.deleteDatabase(db.name)
      r.onsuccess = done
      r.onblocked = done
    })
    expect(closed).toContain('deleted')
    const refused = await storage.write({ diff: [added('paints', paint)], journal: [] })
    expect(refused).toMatchObject({ ok: false })
  })

  it('says when the database on disk is of a newer layout', async () => {
    const name = `newer-${(count += 1)}`
    await new Promise<void>((done) => {
      const r = indexedDB.open(name, 500)
      r.onsuccess = () => {
        r.result.close()
        done()
      }
    })
    expect(await new CollectionStorage(new Database(name)).open({ closed: () => undefined })).toMatchObject({
      error: { code: 'newer-database' },
    })
  })

  it('a database that lacks a table is said to be strange, and stays as it was', async () => {
    const name = `foreign-${(count += 1)}`
    const open = (version?: number, change?: (db: IDBDatabase) => void) =>
      new Promise<{ version: number; tables: string[] }>((done) => {
        const r = indexedDB.open(name, version)
        r.onupgradeneeded = () => change?.(r.result)
        r.onsuccess = () => {
          done({ version: r.result.version, tables: [...r.result.objectStoreNames] })
          r.result.close()
        }
      })
    const before = await open(TABLES_VERSION * 10, (db) => {
      for (const table of new Database().tablesOf(TABLES_VERSION))
        if (table !== 'paints') db.createObjectStore(table, { keyPath: 'id' })
    })
    expect(await new CollectionStorage(new Database(name)).open({ closed: () => undefined })).toMatchObject({
      error: { code: 'foreign-database' },
    })
    expect(await open()).toEqual(before)
  })

  describe('a disk that does not give everything', () => {
    afterEach(() => vi.restoreAllMocks())
    const good = { ...paint, id: 'good' }
    /** Whole tables are not given, nor is the row called bad. */
    function damage() {
      const getAll = IDBObjectStore.prototype.getAll
      vi.spyOn(IDBObjectStore.prototype, 'getAll').mockImplementation(function (this: IDBObjectStore, ...given) {
        if (this.name === 'paints') throw new DOMException('Failed to read large value', 'DataError')
        return getAll.apply(this, given)
      })
      const get = IDBObjectStore.prototype.get
      vi.spyOn(IDBObjectStore.prototype, 'get').mockImplementation(function (this: IDBObjectStore, key) {
        if (key === 'bad') throw new DOMException('Failed to read large value', 'DataError')
        return get.call(this, key)
      })
    }
    beforeEach(() =>
      storage.write({ diff: [added('paints', good), added('paints', { ...paint, id: 'bad' })], journal: [entry] }),
    )

    it('is read row by row; what it keeps back is named and left where it is', async () => {
      damage()
      const { documents, unreadable } = await load()
      expect(documents.paints).toEqual([good])
      expect(documents.journal).toHaveLength(1)
      expect(unreadable).toMatchObject([
        { kind: 'paints', raw: { id: 'bad' }, problem: { code: 'not-given', where: 'bad' } },
      ])
      vi.restoreAllMocks()
      expect((await load()).documents.paints).toHaveLength(2)
    })

    it('is salvaged by another layout, too, and nothing in it is changed', async () => {
      damage()
      const saved = await salvage(db.name)
      expect(saved.ok && saved.value.documents.paints).toEqual([good])
      expect(saved.ok && saved.value.unreadable).toMatchObject([{ problem: { code: 'not-given' } }])
      expect(await salvage('nobody-has-this')).toMatchObject({ ok: false })
    })
  })

  it('sets what cannot be read aside: out of its table, whole, and given at every loading', async () => {
    const broken = { id: 'broken', v: 1, name: 7, kept: { all: ['of', 'it'] } }
    await db.of('paints').put(broken)
    const found = (await load()).unreadable
    expect(found).toHaveLength(1)
    expect(await storage.setAside(found)).toMatchObject({ ok: true })
    expect(await db.of('paints').get('broken')).toBeUndefined()
    expect((await load()).unreadable).toMatchObject([{ kind: 'paints', raw: broken }])
    // and once more does nothing twice
    await storage.setAside((await load()).unreadable)
    expect((await load()).unreadable).toHaveLength(1)
  })
})
