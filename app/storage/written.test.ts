import 'fake-indexeddb/auto'
import { readFileSync } from 'node:fs'
import { gunzipSync } from 'node:zlib'
import { Collection, type Contents } from '@juxtachrome/core/collection'
import { KINDS, updated, type KindName } from '@juxtachrome/core/documents'
import { balanceOf, leftInAll } from '@juxtachrome/core/ledger'
import { describe, expect, it } from 'vitest'
import { Database } from './database'
import { CollectionStorage } from './storage'

interface Written {
  version: number
  stores: Record<string, { keyPath: string; rows: { id: string; v: number }[] }>
}

/** Puts a database on the disk as an older version left it. */
async function onDisk(version: string): Promise<{ name: string; written: Written }> {
  const file = new URL(`./written/${version}.json.gz`, import.meta.url)
  const written = JSON.parse(gunzipSync(readFileSync(file)).toString()) as Written
  const name = `written-${version}`
  await new Promise<void>((resolve, reject) => {
    const opening = indexedDB.open(name, written.version)
    opening.onerror = () => reject(opening.error ?? new Error('not opened'))
    opening.onupgradeneeded = () => {
      for (const [table, { keyPath, rows }] of Object.entries(written.stores)) {
        const store = opening.result.createObjectStore(table, { keyPath })
        for (const row of rows) store.put(row)
      }
    }
    opening.onsuccess = () => {
      opening.result.close()
      resolve()
    }
  })
  return { name, written }
}

async function opened(name: string): Promise<{ storage: CollectionStorage; contents: Contents }> {
  const storage = new CollectionStorage(new Database(name))
  expect(await storage.open({ closed: () => undefined })).toMatchObject({ ok: true })
  const loaded = await storage.load()
  if (!loaded.ok) throw new Error(loaded.error.message)
  return { storage, contents: loaded.value.contents }
}

function leftOf(contents: Contents, name: string): number {
  const { documents } = contents
  const { ledger } = new Collection(contents)
  const paint = documents.paints.find((p) => p.name === name)!
  const items = documents.items.filter((i) => i.paintId === paint.id)
  return leftInAll(items, (item) => balanceOf(item, ledger.account(item.id)).left)
}

/** What the screen Today of each version said is left of its paints, ml, to the tenth. */
const SAID = [
  ['0.2.0', { 'Pyrrole orange': 0.9, 'Raw sienna': 1.4 }],
  ['0.3.0', { 'Pyrrole orange': 0.9 }],
] as const

describe.each(SAID)('a database that %s wrote', (version, said) => {
  it('opens with every document, says what that version said, and is written on', async () => {
    const { name, written } = await onDisk(version)
    const { storage, contents } = await opened(name)
    expect(contents.unreadable).toEqual([])
    for (const [table, { rows }] of Object.entries(written.stores)) {
      if (!(table in KINDS)) continue
      const now = contents.documents[table as KindName] as { id: string }[]
      expect(now.map((d) => d.id).sort(), table).toEqual(rows.map((r) => r.id).sort())
    }
    for (const [paint, left] of Object.entries(said)) expect(leftOf(contents, paint), paint).toBeCloseTo(left, 1)

    const paint = contents.documents.paints[0]!
    const change = updated('paints', paint, { ...paint, name: 'written on' })
    expect(await storage.write({ diff: [change], journal: [] })).toMatchObject({ ok: true })
    const again = await opened(name)
    expect(again.contents.documents.paints.find((p) => p.id === paint.id)).toEqual({ ...paint, name: 'written on' })
    expect(again.contents.documents.journal).toHaveLength(contents.documents.journal.length)
  })
})
