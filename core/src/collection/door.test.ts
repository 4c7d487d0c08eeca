import { describe, expect, it } from 'vitest'
import { added, removed, updated, type Change, type Diff } from '../documents/diff'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { paint, tin, tube } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import { stamp } from '../ledger/journal.arbitrary'
import { byDocument } from './caches'
import { readingOf } from './reading'
import { Collection } from './collection'
import { noContents } from './contents'
import { itemsByPaint, itemsIn, paintsIn } from './lists'
import { patchesOf, takeBack, type Patch } from './undo'
import type { WriteSet } from './writeSet'

const write = (...diff: Change[]): WriteSet => ({ diff, journal: [] })
const said = (c: Collection) => JSON.stringify(c.contents())

describe('the door', () => {
  const c = () =>
    new Collection({ ...noContents(), documents: { ...noContents().documents, paints: [paint('a')], palettes: [tin] } })
  const refused = (diff: Diff, journal: JournalEntry[] = []) => {
    const collection = c()
    const before = said(collection)
    const applied = collection.apply({ diff, journal })
    expect(said(collection)).toEqual(before)
    expect(collection.revision).toBe(0)
    return applied.ok ? 'ok' : [applied.error.code, applied.error.field]
  }
  const spectrum = Array.from({ length: 36 }, () => 1.3)

  it.each([
    ['series of 13 characters', paint('a', { series: 'x'.repeat(13) }), 'series'],
    ['formula of 61', paint('a', { formula: 'x'.repeat(61) }), 'formula'],
    ['13 codes', paint('a', { pigments: Array.from({ length: 13 }, () => 'PB29') }), 'pigments'],
    [
      'spectrum above 1.2',
      paint('a', { masstone: { L: 50, a: 0, b: 0, source: 'spectrum', spectrum } }),
      'masstone.spectrum.0',
    ],
    ['no name', paint('a', { name: ' ' }), 'name'],
  ])('refuses a %s and names the field', (_what, after, field) => {
    expect(refused([updated('paints', paint('a'), after)])).toEqual(['invalid-document', field])
  })

  it('refuses all of a command when one of its documents or entries is refused', () => {
    const fine = added('paints', paint('b'))
    expect(refused([fine, added('paints', paint('c', { name: '' }))])).toEqual(['invalid-document', 'name'])
    const bad = {
      ...stamp(1),
      v: 2,
      type: 'event',
      event: { kind: 'clean', day: 'someday', vessel: { vesselId: 'v' } },
    }
    expect(refused([fine], [bad as JournalEntry])).toEqual(['invalid-document', 'event.day'])
  })

  it('gives documents as they are kept: without empty fields, names trimmed', () => {
    const collection = c()
    const applied = collection.apply(write(added('paints', paint('b', { name: ' Kelp ', note: undefined }))))
    expect(applied.ok && applied.value.write.diff[0]!.after).toEqual({ ...paint('b'), name: 'Kelp' })
    expect(Object.keys(collection.get('paints', 'b')!)).not.toContain('note')
  })
})

describe('taking back what changed elsewhere since', () => {
  const start = (...documents: Paint[]) =>
    new Collection({ ...noContents(), documents: { ...noContents().documents, paints: documents } })
  const back = (c: Collection, patches: Patch[]) => takeBack(patches, (kind, id) => c.get(kind, id))

  it('leaves the fields that changed, takes back the others, and says so', () => {
    const before = paint('a')
    const c = start({ ...before, name: 'Elsewhere', note: 'mine' })
    const { diff, kept } = back(c, patchesOf([updated('paints', before, { ...before, name: 'Mine', note: 'mine' })]))
    expect(kept).toEqual([{ kind: 'paints', id: 'a' }])
    expect(diff[0]!.after).toEqual({ ...before, name: 'Elsewhere' })
  })

  it('does not take away a palette that another tab has since filled', () => {
    const c = new Collection()
    const filled = { ...tin, plan: { A1: { paintId: 'p' } } }
    c.apply(write(added('palettes', filled)))
    expect(back(c, patchesOf([added('palettes', tin)]))).toEqual({ diff: [], kept: [{ kind: 'palettes', id: 'tin' }] })
    expect(back(c, patchesOf([added('palettes', filled)])).diff).toMatchObject([{ after: null }])
  })

  it('does not put back what is there again, nor change what is gone', () => {
    const c = start(paint('a', { name: 'Again' }))
    expect(back(c, patchesOf([removed('paints', paint('a'))]))).toEqual({
      diff: [],
      kept: [{ kind: 'paints', id: 'a' }],
    })
    const gone = patchesOf([updated('paints', paint('b'), paint('b', { name: 'New' }))])
    expect(back(c, gone)).toEqual({ diff: [], kept: [{ kind: 'paints', id: 'b' }] })
  })

  it('keeps only the fields of a change: ten thousand of them are small', () => {
    const [patch] = patchesOf([updated('palettes', tin, { ...tin, plan: { A1: { paintId: 'p' } } })])
    expect(patch).toMatchObject({ fields: [{ path: ['plan', 'A1'], before: undefined, after: { paintId: 'p' } }] })
    const [made] = patchesOf([added('palettes', tin)])
    expect(JSON.stringify(made).length).toBeLessThan(100)
  })
})

it('what is worked out from a document holds as long as the document does', () => {
  let worked = 0
  const length = byDocument((p: Paint) => {
    worked += 1
    return p.name.length
  })
  const c = new Collection({
    ...noContents(),
    documents: { ...noContents().documents, paints: [paint('a'), paint('b')] },
  })
  const all = () => paintsIn(readingOf(c)).map(length)
  all()
  expect(worked).toBe(2)
  c.apply(write(updated('paints', paint('a'), paint('a', { name: 'longer' })), added('items', tube('t', 'a'))))
  expect(all()).toEqual([6, 1])
  expect(worked).toBe(3)
  expect(itemsByPaint(readingOf(c)).get('a')).toEqual(itemsIn(readingOf(c)))
})
