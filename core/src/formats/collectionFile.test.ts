import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import { Collection } from '../collection/collection'
import type { Contents } from '../collection/contents'
import { FILE_SCHEMA, readCollection, writeCollection } from './collectionFile'
import { readCollectionFile, type FileLike } from './collectionStream'
import { noDocuments, type Documents } from '../documents/kinds'
import type { Palette } from '../documents/palette'
import type { Result } from '../result'
import { runs } from '../../../tests/setup/runs'

function read(text: string): Result<Contents> {
  const running = readCollection(text)
  for (;;) {
    const step = running.next()
    if (step.done) return step.value
  }
}
const code = (text: string) => {
  const r = read(text)
  return r.ok ? 'ok' : r.error.code
}
const WRITTEN = '2026-09-01T08:00:00.000Z'

const id = fc.string({ unit: fc.constantFrom(...'abcdef0123'), minLength: 8, maxLength: 12 })
const name = fc
  .string({ minLength: 1, maxLength: 30 })
  .map((s) => s.trim())
  .filter((s) => s.length > 0)
const paints = fc.uniqueArray(
  fc.record({
    id,
    v: fc.constant(2 as const),
    maker: fc.string({ maxLength: 20 }),
    name,
    pigments: fc.subarray(['PB29', 'PV19', 'PBr7']),
    masstone: fc.option(
      fc.record({
        L: fc.double({ min: 0, max: 100, noNaN: true }),
        a: fc.integer({ min: -128, max: 128 }),
        b: fc.integer({ min: -128, max: 128 }),
        source: fc.constant('typed' as const),
      }),
      { nil: undefined },
    ),
    unknownField: fc
      .jsonValue({ maxDepth: 2 })
      .filter((v) => !JSON.stringify(v).includes('proto') && !JSON.stringify(v).includes('-0')),
  }),
  { selector: (p) => p.id, maxLength: 6 },
)
const recipes = fc.uniqueArray(
  fc.record({
    id,
    v: fc.constant(1 as const),
    name,
    water: fc.double({ min: 0, max: 40, noNaN: true }),
    paints: fc.array(fc.record({ paintId: id, parts: fc.integer({ min: 1, max: 99 }) }), {
      minLength: 1,
      maxLength: 5,
    }),
    masstone: fc.option(
      fc.record({
        L: fc.integer({ min: 0, max: 100 }),
        a: fc.constant(3),
        b: fc.constant(-3),
        source: fc.constant('spectrum' as const),
        spectrum: fc.array(
          fc.integer({ min: 0, max: 100 }).map((r) => r / 100),
          { minLength: 36, maxLength: 36 },
        ),
      }),
      { nil: undefined },
    ),
  }),
  { selector: (r) => r.id, maxLength: 3 },
)
const palettes = fc.uniqueArray(
  fc.record({
    id,
    v: fc.constant(1 as const),
    name,
    use: fc.constantFrom('travel' as const, 'studio' as const),
    purpose: fc.string({ maxLength: 20 }),
    holder: fc.constantFrom(...HOLDERS),
    plan: fc.constantFrom<Palette['plan']>(
      {},
      { A1: { paintId: 'p', locked: true }, A2: { reserved: 'a darker brown' } },
    ),
  }),
  { selector: (p) => p.id, maxLength: 3 },
)

describe('the collection file', () => {
  it('reads back exactly what was written, unknown fields and all', () => {
    fc.assert(
      fc.property(paints, palettes, recipes, (p, q, r) => {
        const documents: Documents = { ...noDocuments(), paints: p as Documents['paints'], palettes: q, recipes: r }
        const text = writeCollection({ documents, unreadable: [] }, WRITTEN)
        const back = read(text)
        if (!back.ok) throw new Error(back.error.message)
        expect(writeCollection(back.value, WRITTEN)).toBe(text)
      }),
      { numRuns: runs(60) },
    )
  })

  it('carries along what it cannot read', () => {
    const raw = { id: 'x', v: 99, secret: 1 }
    const text = writeCollection(
      { documents: noDocuments(), unreadable: [{ kind: 'items', raw, problem: { code: '', message: '' } }] },
      WRITTEN,
    )
    expect(read(text)).toMatchObject({
      value: { unreadable: [{ kind: 'items', raw, problem: { code: 'from-newer-version' } }] },
    })
  })

  const file = (extra: object) =>
    JSON.stringify({ format: 'juxtachrome-collection', schema: 1, documents: {}, ...extra })
  const paint = { id: 'p', v: 2, maker: '', name: 'K', pigments: [] }
  const correction = (own: string, corrects: string) => ({
    id: own,
    v: 1,
    recorded: WRITTEN,
    type: 'correction',
    corrects,
    becomes: null,
  })
  it.each([
    ['', 'empty-file'],
    ['  \n', 'empty-file'],
    ['{', 'not-json'],
    ['\u0000\u0001PNG', 'not-json'],
    ['[]', 'not-a-collection'],
    ['{"a":1}', 'not-a-collection'],
    ['null', 'not-a-collection'],
    [file({ schema: FILE_SCHEMA + 1 }), 'from-newer-version'],
    [file({ schema: 'x' }), 'from-newer-version'],
    [file({ documents: null }), 'not-a-collection'],
    [file({ documents: { paints: {} } }), 'not-a-collection'],
    [file({ documents: { paints: [paint, paint] } }), 'twice-the-same-id'],
    [file({ documents: { journal: [correction('a', 'b'), correction('b', 'a')] } }), 'ok'],
    [file({ unreadable: ['x', 1, null] }), 'ok'],
  ])('%#', (text, expected) => expect(code(text)).toBe(expected))

  const value = (text: string) => {
    const r = read(text)
    if (!r.ok) throw new Error(r.error.message)
    return r.value
  }
  const again = (text: string) => value(writeCollection(value(text), WRITTEN))

  it('keeps kinds that it does not know, and hands them on', () => {
    const text = file({ documents: { paints: [paint], brushes: [{ id: 'b', v: 1, size: 8 }] } })
    expect(value(text).unreadable).toMatchObject([{ kind: 'brushes', problem: { code: 'unknown-kind' } }])
    expect(again(text)).toEqual(value(text))
  })

  it('a copy of a newer version under one id does not displace the one that can be read', () => {
    const newer = { ...paint, v: 9, soul: true }
    const text = file({
      documents: { paints: [newer, paint] },
      unreadable: [{ kind: 'paints', raw: { ...paint, name: 'Older' } }],
    })
    expect(value(text).documents.paints).toEqual([paint])
    expect(value(text).unreadable.map((u) => u.raw)).toEqual([newer, { ...paint, name: 'Older' }])
    expect(again(text).documents.paints).toEqual([paint])
  })

  it('a correction of a correction is set aside, kept, and what is written can be read again', () => {
    const event = { kind: 'clean', day: '2026-05-01', vessel: { vesselId: 'tin/A1' } }
    const journal = [
      { id: 'e', v: 2, recorded: WRITTEN, type: 'event', event },
      { ...correction('c', 'e'), v: 2 },
      { ...correction('d', 'c'), v: 2 },
    ]
    const contents = value(file({ documents: { journal } }))
    expect(contents.documents.journal.map((e) => e.id)).toEqual(['e', 'c'])
    expect(contents.unreadable).toMatchObject([{ kind: 'journal', problem: { code: 'broken-correction', where: 'd' } }])
    expect(again(file({ documents: { journal } })).unreadable).toMatchObject([{ raw: { id: 'd' } }])
  })

  it.each(['constructor', '__proto__', 'toString', 'valueOf'])('a place called %s fills as any other', (placeId) => {
    const vessel = { paletteId: 'tin', placeId }
    const event = {
      kind: 'fill',
      day: '2026-05-01',
      vessel,
      itemId: 't',
      paintId: 'p',
      millilitres: 1,
      dryingDays: 3,
    }
    const text = file({ documents: { journal: [{ id: 'e', v: 2, recorded: WRITTEN, type: 'event', event }] } })
    const collection = new Collection(again(text))
    expect(collection.ledger.places('tin').get(placeId)?.content?.layers).toHaveLength(1)
    expect(collection.ledger.eventsOf('tin')).toHaveLength(1)
  })

  it.each([2200, 60_000])('%i levels of nesting are refused for that document alone, and kept', (levels) => {
    const deep = `${'{"deep":'.repeat(levels)}1${'}'.repeat(levels)}`
    const text = file({ documents: { paints: [paint, { ...paint, id: 'deep', deep: 'HERE' }] } }).replace(
      '"HERE"',
      deep,
    )
    const contents = value(text)
    expect(contents.documents.paints).toEqual([paint])
    expect(contents.unreadable).toMatchObject([{ problem: { code: 'invalid-document', where: 'deep' } }])
    // it crosses to the page and the disk, and comes back from the next export with all it held
    expect(structuredClone(contents)).toEqual(contents)
    const kept = again(text).unreadable
    expect(kept).toHaveLength(1)
    expect(kept[0]!.raw).toContain(deep)
  })

  it('is not harmed by a prototype key', () => {
    const text = file({ documents: {} }).replace(
      '"documents":{}',
      '"documents":{"paints":[{"id":"p","v":1,"maker":"","name":"K","pigments":[],"__proto__":{"evil":1}}]}',
    )
    expect(read(text)).toMatchObject({
      ok: true,
      value: { documents: { paints: [] }, unreadable: [{ kind: 'paints' }] },
    })
    expect(({} as { evil?: number }).evil).toBeUndefined()
  })
})

describe('a collection file in pieces', () => {
  /** A file whose bytes come in portions of any size, also within a letter. */
  const file = (text: string, portion: number): FileLike => {
    const bytes = new TextEncoder().encode(text)
    return {
      size: bytes.length,
      slice: (from, to) => ({ text: async () => new TextDecoder().decode(bytes.slice(from, to)) }),
      text: async () => text,
      stream: () => {
        let at = 0
        const read = async () => {
          const value = bytes.slice(at, (at += portion))
          return value.length ? { done: false, value } : { done: true }
        }
        return { getReader: () => ({ read }) }
      },
    }
  }
  const documents = (p: unknown, q: Palette[]) => ({ ...noDocuments(), paints: p as Documents['paints'], palettes: q })
  const unreadable = [{ kind: 'brushes', raw: { id: 'ü]}', text: '"items":[' }, problem: { code: '', message: '' } }]

  it('comes in as it does in one text, whatever the portions; each document stands on a line of its own', async () => {
    await fc.assert(
      fc.asyncProperty(paints, palettes, fc.integer({ min: 1, max: 300 }), async (p, q, portion) => {
        const contents = { documents: documents(p, q), unreadable }
        const text = writeCollection(contents, WRITTEN)
        expect(JSON.parse(text)).toMatchObject({ format: 'juxtachrome-collection', schema: FILE_SCHEMA })
        expect(text.split('\n').filter((line) => line.startsWith('{"')).length).toBe(2 + p.length + q.length)
        const told: number[] = []
        const read = await readCollectionFile(file(text, portion), (done) => told.push(done))
        if (!read.ok) throw new Error(read.error.message)
        expect(writeCollection(read.value, WRITTEN)).toBe(text)
        expect(told.at(-1)).toBe(new TextEncoder().encode(text).length)
      }),
      { numRuns: runs(60) },
    )
  })

  it('one that another program laid out anew, or an older version wrote, comes in as one text', async () => {
    const text = writeCollection(
      { documents: documents([{ id: 'p', v: 2, maker: '', name: 'K', pigments: [] }], []), unreadable },
      WRITTEN,
    )
    for (const spaces of [0, 1, 2]) {
      const other = JSON.stringify(JSON.parse(text), null, spaces)
      const read = await readCollectionFile(file(other, 50))
      expect(read.ok && writeCollection(read.value, WRITTEN)).toBe(text)
    }
  })

  it('one that is cut short anywhere is refused, and so is one that goes on after its end', async () => {
    const text = writeCollection(
      { documents: documents([{ id: 'p', v: 2, maker: '', name: 'K', pigments: [] }], []), unreadable },
      WRITTEN,
    )
    for (let length = 0; length < text.length - 1; length += 7) {
      const read = await readCollectionFile(file(text.slice(0, length), 64))
      expect(read.ok, text.slice(0, length)).toBe(false)
    }
    expect(await readCollectionFile(file(`${text}{"id":"q"}\n`, 64))).toMatchObject({ error: { code: 'not-json' } })
  })

  it('refusals are those of one text', async () => {
    const line = (head: object, ...rest: string[]) =>
      [
        `${JSON.stringify({ format: 'juxtachrome-collection', schema: 1, ...head }).slice(0, -1)},"documents":{`,
        ...rest,
      ].join('\n')
    const paint = '{"id":"p","v":2,"maker":"","name":"K","pigments":[]}'
    const end = ['"unreadable":[', ']}']
    for (const [text, code] of [
      ['', 'empty-file'],
      [line({ schema: FILE_SCHEMA + 1 }), 'from-newer-version'],
      [line({}, '"paints":[', `${paint},`, paint, ']},', ...end), 'twice-the-same-id'],
      [line({}, '"paints":[', `${paint},`, '{"id"', ']},', ...end), 'not-json'],
      [line({}, paint, ']},', ...end), 'not-json'],
    ] as const)
      expect(await readCollectionFile(file(text, 40)), text).toMatchObject({ error: { code } })
  })
})
