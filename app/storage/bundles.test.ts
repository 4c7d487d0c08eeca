import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { noContents, type Contents } from '@juxtachrome/core/collection'
import type { JournalEntry } from '@juxtachrome/core/documents'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { BUNDLE } from './bundles'
import { Database, type Raw } from './database'
import { salvage } from './salvage'
import { CollectionStorage } from './storage'
import { runs } from '../../tests/setup/runs'

const entry = (n: number, millilitres = 3): JournalEntry => ({
  id: `e${String(n).padStart(5, '0')}`,
  v: 2,
  recorded: '2026-05-01T08:00:00.000Z',
  type: 'event',
  event: { kind: 'measure', day: '2026-05-01', itemId: 'i', millilitres },
})
const entries = (from: number, to: number, ml?: number) =>
  Array.from({ length: to - from }, (_, i) => entry(from + i, ml))
const holding = (journal: JournalEntry[], unreadable: Contents['unreadable'] = []): Contents => ({
  documents: { ...noContents().documents, journal },
  unreadable,
})

let count = 0
let db: Database
let storage: CollectionStorage
beforeEach(async () => {
  db = new Database(`bundles-${(count += 1)}`)
  storage = new CollectionStorage(db)
  await storage.open({ closed: () => undefined })
})
const load = async () => {
  const read = await storage.load()
  if (!read.ok) throw new Error(read.error.message)
  return read.value.contents
}
const byId = (list: readonly { id: string }[]) => [...list].sort((p, q) => (p.id < q.id ? -1 : 1))

describe('entries that come in together', () => {
  it('lie in whole bundles and the rest in rows; all of them are read, and the last word is everything', async () => {
    const said: [number, number][] = []
    await storage.putAll(holding(entries(0, 1203)), 'add', (done, of) => said.push([done, of]))
    expect(said.at(-1)).toEqual([1203, 1203])
    expect(await db.bundles.count()).toBe(2)
    expect(await db.journal.count()).toBe(203)
    expect(byId((await load()).documents.journal)).toEqual(entries(0, 1203))
  })

  it('are those of plain rows, whatever comes in, in whatever order', async () => {
    const given = fc.record({ from: fc.nat(900), many: fc.nat(1300), ml: fc.integer({ min: 1, max: 9 }) })
    const steps = fc.array(fc.oneof(given, fc.record({ one: fc.nat(2300), ml: fc.integer({ min: 1, max: 9 }) })), {
      maxLength: 5,
    })
    await fc.assert(
      fc.asyncProperty(steps, async (list) => {
        await storage.wipe()
        const plain = new Map<string, JournalEntry>()
        for (const step of list) {
          const journal =
            'one' in step ? [entry(step.one, step.ml)] : entries(step.from, step.from + step.many, step.ml)
          for (const e of journal) plain.set(e.id, e)
          const put =
            'one' in step ? await storage.write({ diff: [], journal }) : await storage.putAll(holding(journal), 'add')
          expect(put.ok).toBe(true)
        }
        expect(byId((await load()).documents.journal)).toEqual(byId([...plain.values()]))
      }),
      { numRuns: runs(25) },
    )
  })

  it('are gone with everything else when everything is replaced or wiped', async () => {
    await storage.putAll(holding(entries(0, BUNDLE)), 'add')
    await storage.putAll(holding(entries(7000, 7001)), 'replace')
    expect((await load()).documents.journal).toEqual([entry(7000)])
    await storage.putAll(holding(entries(0, BUNDLE)), 'replace')
    await storage.wipe()
    expect(await db.bundles.count()).toBe(0)
  })

  it('are set aside one by one where this version cannot read them', async () => {
    const newer = { ...entry(3), v: 99 } as unknown as Raw
    await db.bundles.put({ id: 'b', entries: [entry(1) as Raw, newer, entry(5) as Raw] })
    const found = (await load()).unreadable
    expect(found).toMatchObject([{ kind: 'journal', raw: newer }])
    await storage.setAside(found)
    expect((await db.bundles.get('b'))?.entries.map((e) => e.id)).toEqual([entry(1).id, entry(5).id])
    const { documents, unreadable } = await load()
    expect(documents.journal).toHaveLength(2)
    expect(unreadable).toMatchObject([{ kind: 'journal', raw: newer }])
  })

  it('keep what can be read when something unreadable of the same name comes in', async () => {
    await storage.putAll(holding(entries(0, BUNDLE)), 'add')
    const broken = { ...entry(4), event: 'nothing' }
    const problem = { code: 'invalid-document', message: '' }
    await storage.putAll(holding([], [{ kind: 'journal', raw: broken, problem }]), 'add')
    const { documents, unreadable } = await load()
    expect(documents.journal).toHaveLength(BUNDLE)
    expect(unreadable).toMatchObject([{ raw: broken }])
  })

  it('are salvaged, and a damaged bundle is kept as it is', async () => {
    await storage.putAll(holding(entries(0, BUNDLE + 2)), 'add')
    await db.bundles.put({ id: 'damaged', entries: 'torn' } as never)
    for (const read of [await load(), await salvaged()]) {
      expect(byId(read.documents.journal)).toEqual(entries(0, BUNDLE + 2))
      expect(read.unreadable).toMatchObject([{ kind: 'bundles', raw: { id: 'damaged' } }])
    }
    const get = vi.spyOn(IDBObjectStore.prototype, 'getAll').mockImplementation(() => {
      throw new DOMException('Failed to read large value', 'DataError')
    })
    expect((await load()).documents.journal).toHaveLength(BUNDLE + 2)
    get.mockRestore()
  })
  const salvaged = async () => {
    const read = await salvage(db.name)
    if (!read.ok) throw new Error(read.error.message)
    return read.value
  }
})
