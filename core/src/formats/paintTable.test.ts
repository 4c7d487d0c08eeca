import Papa from 'papaparse'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { collectRows, ownedAmong, samePaint, type OwnedMeans } from '../paints/collect'
import { matchColumns, readRow } from './paintTable'
import { readTable } from './readTable'
import type { Table } from './table'

const table = (text: string): Table => {
  const read = readTable(text)
  if (!read.ok) throw new Error(read.error.message)
  return read.value
}
const code = (text: string) => {
  const read = readTable(text)
  return read.ok ? 'ok' : read.error.code
}

describe('tables', () => {
  it('finds the columns by their headings, in any usual wording', () => {
    expect(
      matchColumns({
        headings: [
          'Colour name',
          'Brand',
          'C.I. pigments',
          'Size (ml)',
          'Condition',
          'Light-fastness',
          'Remarks',
          'Shelf',
        ],
      }),
    ).toEqual({
      0: 'name',
      1: 'maker',
      2: 'pigments',
      3: 'size',
      4: 'state',
      5: 'lightfastness',
      6: 'note',
    })
  })

  it.each([
    ['', 'empty-file'],
    ['PK\u0003\u0004\u0000\u0000', 'binary-file'],
    ['only a heading', 'no-table'],
    ['x'.repeat(12_000_001), 'file-too-large'],
    ['name;maker\nA;B', 'ok'],
    ['\uFEFFname\tmaker\nA\tB', 'ok'],
  ])('file %#', (text, expected) => expect(code(text)).toBe(expected))

  it('numbers rows by their line in the file', () => {
    expect(table('name\n\nUltramarine\n\nViridian').lines).toEqual([3, 5])
  })
})

describe('rows', () => {
  const read = (cells: Record<string, string>) => {
    const t = table(Papa.unparse([cells]))
    return readRow(t, 0, matchColumns(t))
  }

  it('reads a full row', () => {
    const row = read({
      name: 'Cerulean',
      maker: 'Skerry Colours',
      pigments: 'PB35',
      size: '5 ml',
      count: '2',
      state: 'open, stiff',
      price: '7.20',
      masstone: '#3579a8',
      transparency: 'Semi-opaque',
    })
    expect(row).toMatchObject({
      ok: true,
      value: {
        name: 'Cerulean',
        pigments: ['PB35'],
        millilitres: 5,
        count: 2,
        supply: 'open',
        remarks: ['stiff'],
        price: { minor: 720 },
        transparency: 'semi-opaque',
        masstone: { source: 'typed' },
      },
    })
  })

  it.each([
    [{ name: '', maker: 'A' }, /name/],
    [{ name: 'n'.repeat(10_000) }, /name/],
  ])('a row that cannot be read says why: %#', (cells, reason) => {
    const row = read(cells as Record<string, string>)
    expect(row.ok ? '' : row.error.message).toMatch(reason)
  })

  it.each([
    [{ pigments: 'PB29, XX1' }, 'pigments', 'XX1'],
    [{ pigments: 'PB999' }, 'pigments', ''],
    [{ size: 'big' }, 'size', 'big'],
    [{ state: 'open, mislaid' }, 'state', 'mislaid'],
    [{ masstone: '120 0 0' }, 'masstone', '120 0 0'],
    [{ masstone: '70 5 20', wash: '40 5 20' }, 'masstone', '70 5 20'],
    [{ count: '-1' }, 'count', '-1'],
    [{ bought: '2026-02-30' }, 'bought', '2026-02-30'],
    [{ kind: 'bucket' }, 'kind', 'bucket'],
    [{ price: 'a lot' }, 'price', 'a lot'],
    [{ lightfastness: 'good' }, 'lightfastness', 'good'],
  ])('an odd value questions its field and is kept in the note: %#', (cells, field, text) => {
    const row = read({ name: 'Viridian', ...cells } as Record<string, string>)
    if (!row.ok) throw new Error(row.error.message)
    expect(row.value.questions).toContainEqual(expect.objectContaining({ field, text }))
    if (text) expect(row.value.note).toContain(`${field}: ${text}`)
    expect(row.value.masstone).toBeUndefined()
  })

  it('keeps formula cells and markup as the text they are', () => {
    expect(read({ name: '\'=HYPERLINK("x")', maker: '<b>M</b>' })).toMatchObject({
      value: { name: '=HYPERLINK("x")', maker: '<b>M</b>' },
    })
  })

  it('every row of any table is either read or has a reason', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ maxLength: 20 }), { minLength: 1, maxLength: 6 }), {
          minLength: 2,
          maxLength: 8,
        }),
        (cells) => {
          const parsed = readTable(Papa.unparse(cells))
          if (!parsed.ok) return
          parsed.value.rows.forEach((_, i) => {
            const row = readRow(parsed.value, i, { 0: 'name', 1: 'pigments', 2: 'size', 3: 'masstone' })
            expect(row.ok || row.error.message.length > 0).toBe(true)
          })
        },
      ),
    )
  })
})

describe('taking rows into the collection', () => {
  const row = {
    name: 'Viridian',
    maker: 'Skerry',
    pigments: ['PG18'],
    kind: 'tube',
    count: 2,
    supply: 'open',
    remarks: [],
  } as const
  let n = 0
  const newId = () => `id${(n += 1)}`

  it('makes one paint and an item for each thing, and adds to a paint that is there', () => {
    const first = collectRows(
      [
        { ...row, pigments: ['PG18'], remarks: [] },
        { ...row, pigments: ['PG18'], remarks: [], count: 1 },
      ],
      [],
      newId,
    )
    expect(first.map((c) => c.kind)).toEqual(['paints', 'items', 'items', 'items'])
    const paint = first[0]!.after as never
    expect(samePaint([paint], { maker: 'skerry', name: 'VIRIDIAN ' })).toBe(paint)
    expect(collectRows([{ ...row, pigments: [], remarks: [], count: 1 }], [paint], newId).map((c) => c.kind)).toEqual([
      'items',
    ])
  })

  it('a row of a paint that is owned means nothing, another one, or an update, as is said row by row', () => {
    const paint = { id: 'p', v: 2 as const, maker: 'Skerry', name: 'Viridian', pigments: ['PG18'], series: '3' }
    const rows = [
      { ...row, pigments: [], remarks: [], count: 1, staining: 'lifts well' as const },
      { ...row, name: 'Sap green', pigments: ['PG7'], remarks: [], count: 1 },
    ]
    const kinds = (means: OwnedMeans) => collectRows(rows, [paint], newId, () => means).map((c) => `${c.kind}`)
    expect(ownedAmong(rows, [paint])).toEqual([paint, undefined])
    expect(kinds('nothing')).toEqual(['paints', 'items'])
    expect(kinds('another')).toEqual(['items', 'paints', 'items'])
    expect(collectRows(rows, [paint], newId, () => 'update').at(-1)).toMatchObject({
      kind: 'paints',
      before: { pigments: ['PG18'], series: '3' },
      after: { pigments: ['PG18'], series: '3', staining: 'lifts well' },
    })
  })

  it('marks a size that nobody gave', () => {
    const sized = (millilitres?: number) =>
      collectRows([{ ...row, pigments: [], remarks: [], count: 1, millilitres }], [], newId)[1]!.after
    expect(sized()).toMatchObject({ millilitres: 15, sizeAssumed: true })
    expect(sized(5)).not.toHaveProperty('sizeAssumed')
  })
})
