import { beforeAll, describe, expect, it } from 'vitest'
import { Collection, noContents, Reading, readingOf } from '../src/collection'
import { createFinder, findablesIn, finderIn, type Finder } from '../src/finding'
import { updated } from '../src/documents/diff'
import { wholeDemo } from './told.fixture'

/** One search over everything, held against the demo: what is found is asked as a painter would ask it. */
describe('finding anything', () => {
  let collection: Collection
  let finder: Finder
  beforeAll(() => {
    collection = wholeDemo()
    finder = finderIn(readingOf(collection))
  })
  const hits = (text: string, kind: string) =>
    finder
      .find(text)
      .find((g) => g.kind === kind)
      ?.hits.map((h) => h.row.name) ?? []

  it('finds every palette, kept mixture, pan and shop by its own name, first of its kind', () => {
    const rows = findablesIn(readingOf(collection)).filter((r) => ['palette', 'recipe', 'shop', 'box'].includes(r.kind))
    expect(rows.length).toBeGreaterThan(8)
    for (const row of rows) expect(hits(row.name, row.kind)[0], row.name).toBe(row.name)
  })

  it('finds every paint by its own name, among the first six of its kind', () => {
    const paints = findablesIn(readingOf(collection)).filter((r) => r.kind === 'paint')
    expect(paints.length).toBeGreaterThan(50)
    for (const row of paints)
      expect(
        finder
          .find(`${row.name} ${row.detail ?? ''}`)
          .find((g) => g.kind === 'paint')
          ?.hits.some((h) => h.row.id === row.id),
        row.name,
      ).toBe(true)
  })

  it('a code finds the pigment and the paints made of it', () => {
    expect(hits('PB29', 'pigment')[0]).toBe('PB29')
    expect(
      finder
        .find('PB29')
        .find((g) => g.kind === 'paint')!
        .hits.every((h) => h.row.codes?.includes('PB29')),
    ).toBe(true)
  })

  it('what a pigment is called finds paints whose names do not say it', () => {
    const found = finder.find('quinacridone', 100).find((g) => g.kind === 'paint')!.hits
    expect(found.some((h) => !/quin/i.test(h.row.name) && h.row.codes?.includes('PV19'))).toBe(true)
  })

  it('a painting is found by its words and by a paint that it took', () => {
    const painting = findablesIn(readingOf(collection)).find((r) => r.kind === 'painting' && r.name)!
    expect(hits(painting.name, 'painting')).toContain(painting.name)
  })

  it('beginnings and one wrong letter are enough; other words must fit, too', () => {
    expect(hits('ultram', 'paint').some((n) => /ultramarine/i.test(n))).toBe(true)
    expect(hits('ultramarin blu', 'paint').some((n) => /ultramarine/i.test(n))).toBe(true)
    expect(hits('ultramarine zebra', 'paint')).toEqual([])
    expect(finder.find('   ')).toEqual([])
  })

  it('of a note that fitted the words around are given', () => {
    const long = `${'grey '.repeat(40)}razorbill on the ledge ${'white '.repeat(40)}`
    const [group] = createFinder([{ kind: 'tube', id: 't', name: 'Ochre', note: long }]).find('razorbill')
    const { excerpt } = group!.hits[0]!
    expect(excerpt).toContain('razorbill on the ledge')
    expect(excerpt!.length).toBeLessThan(110)
    expect(excerpt).toMatch(/^… .* …$/)
  })

  it('says how many more there are of a kind', () => {
    const rows = Array.from({ length: 20 }, (_, i) => ({ kind: 'paint' as const, id: `${i}`, name: `Blue ${i}` }))
    expect(createFinder(rows).find('blue')).toMatchObject([{ kind: 'paint', more: 14 }])
  })

  it('an empty collection finds pigments still', () => {
    const empty = finderIn(readingOf(new Collection(noContents())))
    expect(empty.find('PY150').map((g) => g.kind)).toEqual(['pigment'])
  })

  it('is put together anew after a change of what it read, and only then', () => {
    const own = wholeDemo()
    const reading = new Reading(own)
    const before = finderIn(reading)
    expect(finderIn(reading)).toBe(before)
    const palette = [...own.table('palettes').values()].find((p) => !p.removed)!
    const after = { ...palette, name: 'Gannetry tin' }
    expect(own.apply({ diff: [updated('palettes', palette, after)], journal: [] }).ok).toBe(true)
    expect(
      finderIn(reading)
        .find('gannetry')
        .map((g) => g.kind),
    ).toContain('palette')
  })
})
