import Papa from 'papaparse'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { collectRows, samePaint } from '../paints/collect'
import { matchColumns, readRow } from './paintTable'
import { readTable, type Table } from './readTable'

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
      matchColumns([
        'Colour name',
        'Brand',
        'C.I. pigments',
        'Size (ml)',
        'Condition',
        'Light-fastness',
        'Remarks',
        'Shelf',
      ]),
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
    return readRow(t, 0, matchColumns(t.headings))
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
    [{ name: 'A', pigments: 'PB29, XX1' }, /pigments: .*XX1/],
    [{ name: 'A', size: 'big' }, /size/],
    [{ name: 'A', state: 'gone' }, /state/],
    [{ name: 'A', masstone: '120 0 0' }, /masstone.*L\*/],
    [{ name: 'A', count: '-1' }, /count/],
    [{ name: 'A', bought: '2026-02-30' }, /bought/],
    [{ name: 'n'.repeat(10_000) }, /name/],
    [{ name: 'A', kind: 'bucket' }, /kind/],
  ])('a row that cannot be read says why: %#', (cells, reason) => {
    const row = read(cells as Record<string, string>)
    expect(row.ok ? '' : row.error.message).toMatch(reason)
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

it('a row whose masstone is lighter than its wash is kept for correction', () => {
  const table = {
    headings: ['name', 'masstone', 'wash'],
    rows: [
      ['Kelp', '70 5 20', '40 5 20'],
      ['Lichen', '60 5 50', '85 2 30'],
    ],
    lines: [2, 3],
  }
  const matching = matchColumns(table.headings)
  expect(readRow(table, 0, matching)).toMatchObject({
    ok: false,
    error: { message: expect.stringContaining('lighter than the wash') as string },
  })
  expect(readRow(table, 1, matching).ok).toBe(true)
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
})
