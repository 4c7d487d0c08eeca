import writeXlsx from 'write-excel-file/node'
import { describe, expect, it } from 'vitest'
import type { ColumnField } from '../documents/fieldTable'
import { writePrice } from '../paints/reading/price'
import { toTheEnd } from '../steps'
import { decodeText } from './decodeText'
import { matchColumns, readRow } from './paintTable'
import { readPastedList } from './pastedList'
import { readTable } from './readTable'
import type { Table } from './table'
import { zipSync } from 'fflate'
import { tablesIn, unpackWorkbook } from './readWorkbook'
import type { Result } from '../result'

function must<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}

/** Cells as shops, makers and painters write them, and what they mean; `?` what is questioned. */
const CELLS: readonly (readonly [column: ColumnField, cell: string, means: string])[] = [
  ['transparency', 'T', 'transparent'],
  ['transparency', 'ST', 'semi-transparent'],
  ['transparency', 'SO', 'semi-opaque'],
  ['transparency', 'O', 'opaque'],
  ['transparency', 'Semi transparent', 'semi-transparent'],
  ['transparency', 'semi-opaque', 'semi-opaque'],
  ['transparency', 'Transp.', 'transparent'],
  ['transparency', 'half', '?'],
  ['staining', 'non-staining', 'lifts clean'],
  ['staining', 'Non staining', 'lifts clean'],
  ['staining', 'no', 'lifts clean'],
  ['staining', 'Low staining', 'lifts well'],
  ['staining', 'semi-staining', 'stains a little'],
  ['staining', 'Medium', 'stains a little'],
  ['staining', 'staining', 'stains strongly'],
  ['staining', 'High', 'stains strongly'],
  ['staining', '7/10', '?'],
  ['granulation', 'G', 'granulating'],
  ['granulation', 'granulates', 'granulating'],
  ['granulation', 'non-granulating', 'smooth'],
  ['granulation', 'Slight', 'slightly granulating'],
  ['granulation', 'very granulating', 'strongly granulating'],
  ['lightfastness', 'I', 'excellent'],
  ['lightfastness', 'ASTM II', 'very good'],
  ['lightfastness', '3', 'fair'],
  ['lightfastness', 'Excellent', 'excellent'],
  ['lightfastness', '***', '?'],
  ['lightfastness', 'good', '?'],
  ['grade', "Artists'", 'artist'],
  ['grade', 'professional', 'artist'],
  ['grade', 'Student', 'student'],
  ['medium', 'Watercolor', 'watercolour'],
  ['medium', 'GOUACHE', 'gouache'],
  ['medium', 'oil', '?'],
  ['discontinued', 'yes', 'discontinued'],
  ['discontinued', 'x', 'discontinued'],
  ['discontinued', 'no', ''],
  ['vegan', 'Y', 'vegan'],
  ['vegan', 'no', 'not vegan'],
  ['state', 'new', 'sealed'],
  ['state', 'Unopened', 'sealed'],
  ['state', 'used', 'open'],
  ['state', 'open, stiff', 'open stiff'],
  ['state', 'nearly gone', 'open nearly empty'],
  ['state', 'ordered', 'on order'],
  ['state', 'in Bergen', 'open ?'],
  ['size', '15 ml.', '15'],
  ['size', '15', '15'],
  ['size', '7,5 ml', '7.5'],
  ['size', '0.5 oz', '14.8'],
  ['size', 'half pan', '1.8 bought pan'],
  ['size', 'Full pan', '3.6 bought pan'],
  ['size', '½ pan', '1.8 bought pan'],
  ['size', '5 g', '?'],
  ['kind', 'pan', 'bought pan'],
  ['kind', 'half pan', '1.8 bought pan'],
  ['kind', 'Tubes', ''],
  ['kind', 'dot card', 'sample'],
  ['count', 'x2', '2'],
  ['count', '2.0', '2'],
  ['count', 'two', '?'],
  ['price', '€ 8,90', '8.90 EUR'],
  ['price', '1.234,50 EUR', '1234.50 EUR'],
  ['price', '1,234', '?'],
  ['price', '¥1500', '1500 JPY ?'],
  ['price', '120 kr', '120.00 SEK ?'],
  ['price', '8.90', '8.90 EUR'],
  ['bought', '2024-05-01', '2024-05-01'],
  ['bought', 'last May', '?'],
  ['pigments', 'PB29; PBk6', 'PB29 PBk6'],
  ['pigments', 'P.B. 29', 'PB29'],
  ['pigments', 'blue 29', '?'],
]

describe('cells as they are written', () => {
  it.each(CELLS)('%s: %s', (column, cell, means) => {
    const table: Table = { headings: ['name', column], rows: [['Viridian', cell]], lines: [2] }
    const row = must(readRow(table, 0, { 0: 'name', 1: column }))
    const said = {
      transparency: row.transparency,
      staining: row.staining,
      granulation: row.granulation,
      lightfastness: row.lightfastness,
      grade: row.grade,
      medium: row.medium,
      discontinued: row.discontinued ? 'discontinued' : '',
      vegan: row.vegan === undefined ? '' : row.vegan ? 'vegan' : 'not vegan',
      state: [row.supply, ...row.remarks].join(' '),
      size: [row.millilitres, row.kind === 'tube' ? '' : row.kind].filter(Boolean).join(' '),
      kind: [row.millilitres, row.kind === 'tube' ? '' : row.kind].filter(Boolean).join(' '),
      count: row.count === 1 ? '' : String(row.count),
      price: row.price && writePrice(row.price),
      bought: row.bought,
      pigments: row.pigments.join(' '),
    }[column as 'size']
    // codes that are unusual for the name are another question
    const asked = row.questions?.some((q) => q.field === column && !/usual|pigment\. Check/.test(q.message)) ? '?' : ''
    expect([said, asked].filter(Boolean).join(' ')).toBe(means)
  })
})

describe('what a table holds', () => {
  it('is found without headings', () => {
    const table = must(
      readTable(
        'Viridian;PG18;Northwall;15 ml\nSap green;PG7 PY150;Northwall;5 ml\nRaw umber;PBr7;Northwall;5 ml\nIndigo;PB66;Northwall;10 ml',
      ),
    )
    expect(table).toMatchObject({ headless: true, headings: ['column 1', 'column 2', 'column 3', 'column 4'] })
    expect(table.rows.length).toBe(4)
    expect(matchColumns(table)).toEqual({ 0: 'name', 1: 'pigments', 2: 'maker', 3: 'size' })
  })

  it('is what the person said before, and a heading that was said to mean nothing stays unread', () => {
    const table = { headings: ['Farbe', 'Hersteller', 'Pigment', 'Note'] }
    expect(matchColumns(table)).toEqual({ 2: 'pigments', 3: 'note' })
    expect(matchColumns(table, { farbe: 'name', hersteller: 'maker', note: '' })).toEqual({
      0: 'name',
      1: 'maker',
      2: 'pigments',
    })
  })

  it('has its currency in the heading', () => {
    const table: Table = { headings: ['Name', 'Price (£)'], rows: [['Viridian', '8.90']], lines: [2] }
    expect(must(readRow(table, 0, { 0: 'name', 1: 'price' })).price).toEqual({ minor: 890, currency: 'GBP' })
  })

  it('may be a workbook: text, numbers and days, the longest sheet first', async () => {
    const bytes = await writeXlsx([
      { sheet: 'About', data: [[{ value: 'Paints of the hut' }]] },
      {
        sheet: 'Paints',
        data: [
          [{ value: 'Name' }, { value: 'Codes' }, { value: 'Size (ml)' }, { value: 'Bought' }],
          [
            { value: 'Vert d’émeraude' },
            { value: 'PG18' },
            { value: 7.5, type: Number },
            { value: new Date(Date.UTC(2024, 4, 1)), type: Date, format: 'yyyy-mm-dd' },
          ],
        ],
      },
    ] as never).toBuffer()
    const sheets = must(tablesIn(must(await unpackWorkbook(new Uint8Array(bytes).buffer))))
    expect(sheets[0]!.name).toBe('Paints')
    expect(must(readRow(sheets[0]!.table, 0, matchColumns(sheets[0]!.table)))).toMatchObject({
      name: 'Vert d’émeraude',
      pigments: ['PG18'],
      millilitres: 7.5,
      bought: '2024-05-01',
    })
  })

  /** A workbook as text of its one sheet, with one text and one format in it. */
  const book = (cells: string) => {
    const file = (name: string, text: string) => [name, new TextEncoder().encode(text)] as const
    const main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main'
    const rel = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'
    return zipSync(
      Object.fromEntries([
        file('[Content_Types].xml', '<Types/>'),
        file(
          'xl/workbook.xml',
          `<workbook xmlns="${main}" xmlns:r="${rel}"><sheets><sheet name="Paints" sheetId="1" r:id="rId1"/></sheets></workbook>`,
        ),
        file(
          'xl/_rels/workbook.xml.rels',
          `<Relationships><Relationship Id="rId1" Type="${rel}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="${rel}/styles" Target="styles.xml"/></Relationships>`,
        ),
        file(
          'xl/styles.xml',
          `<styleSheet xmlns="${main}"><cellXfs count="1"><xf numFmtId="14"/></cellXfs></styleSheet>`,
        ),
        file('xl/sharedStrings.xml', `<sst xmlns="${main}"><si><t>Viridian</t></si></sst>`),
        file('xl/worksheets/sheet1.xml', `<worksheet xmlns="${main}"><sheetData>${cells}</sheetData></worksheet>`),
      ]),
    )
  }
  const unpacked = async (cells: string) => unpackWorkbook(new Uint8Array(book(cells)).buffer)
  const text = (at: string, words: string) => `<c r="${at}" t="inlineStr"><is><t>${words}</t></is></c>`
  const HEAD = `<row r="1">${text('A1', 'Name')}${text('B1', 'Codes')}${text('C1', 'Bought')}</row>`

  it('an odd cell of a workbook puts its row in question, and not the book', async () => {
    for (const odd of [
      '<c r="C2" t="z"><v>12</v></c>',
      '<c r="C2" t="s"><v>99</v></c>',
      '<c r="C2" s="77"><v>1</v></c>',
      '<c r="C2"><v>12x</v></c>',
      '<c r="C2" t="b"><v>maybe</v></c>',
      '<c r="C2" s="0"><v>99999999999999</v></c>',
      '<c r="C2" t="d"><v>+012345-01-01T00:00:00Z</v></c>',
    ]) {
      const read = await unpacked(
        `${HEAD}<row r="2">${text('A2', 'Rose')}${text('B2', 'PV19')}${odd}</row><row r="3"><c r="A3" t="s"><v>0</v></c>${text('B3', 'PG18')}</row>`,
      )
      const { table } = must(tablesIn(must(read)))[0]!
      expect(table.rows.map((r) => r[0])).toEqual(['Rose', 'Viridian'])
      const row = readRow(table, 0, matchColumns(table))
      expect(row.ok ? (row.value.questions ?? []).length : 1, odd).toBeGreaterThan(0)
      expect(must(readRow(table, 1, matchColumns(table))).pigments).toEqual(['PG18'])
    }
  })

  it('a cell far out is named before the workbook is read', async () => {
    for (const [at, what] of [
      ['XFD1', '256 columns'],
      ['A1048576', '100000 rows'],
      // just beyond the last that is read
      ['IW1', '256 columns'],
      ['A100001', '100000 rows'],
    ] as const) {
      const read = await unpacked(`${HEAD}<row r="2">${text(at, 'x')}</row>`)
      expect(read).toMatchObject({ ok: false, error: { code: 'file-too-large' } })
      expect(!read.ok && read.error.message).toContain(`One cell lies at ${at}`)
      expect(!read.ok && read.error.message).toContain(what)
    }
  })

  it('a workbook that says it unpacks to more than is read is refused without unpacking it', async () => {
    const bytes = zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(210_000_000) })
    const read = await unpackWorkbook(new Uint8Array(bytes).buffer)
    expect(!read.ok && read.error.message).toContain('unpacked it holds 210 MB')
  })

  it('no workbook is no crash', async () => {
    const read = await unpackWorkbook(new Uint8Array([80, 75, 3, 4, 1, 2, 3]).buffer)
    expect(read.ok ? 'ok' : read.error.code).toBe('not-a-workbook')
  })
})

describe('text in any common encoding', () => {
  const text = 'Name;Maker\nVert émeraude “foncé”;Dœr'
  it.each([
    ['UTF-8', new TextEncoder().encode(text)],
    ['UTF-16', new Uint8Array([0xff, 0xfe, ...Buffer.from(text, 'utf16le')])],
    ['Windows-1252', Uint8Array.from(text, (c) => ({ '“': 0x93, '”': 0x94, œ: 0x9c })[c] ?? c.charCodeAt(0))],
  ] as const)('%s', (encoding, bytes) => expect(decodeText(bytes)).toEqual({ text, encoding }))
})

describe('a pasted list', () => {
  const read = (text: string, makers: string[] = []) => must(toTheEnd(readPastedList({ text, makers })))
  it('with headings is read by its columns', () => {
    const { paints } = read('Colour\tBrand\tPigment\nViridian\tNorthwall\tPG18\nSap green\tNorthwall\tPG7, PY150')
    expect(paints.map((p) => [p.row.name, p.row.maker, p.row.pigments.join(' ')])).toEqual([
      ['Viridian', 'Northwall', 'PG18'],
      ['Sap green', 'Northwall', 'PG7 PY150'],
    ])
  })
  it('gives each line a paint, and the maker above them to all that follow', () => {
    const { paints, skipped } = read(
      'My list:\n\nNorthwall\n- Viridian PG18\n- Sap green, half empty, from the loft\n---\n42',
      ['Northwall'],
    )
    expect(paints.map((p) => [p.line, p.row.name, p.row.maker, p.unread.join()])).toEqual([
      [4, 'Viridian', 'Northwall', ''],
      [5, 'Sap green', 'Northwall', 'from the loft'],
    ])
    expect(paints[1]!.row).toMatchObject({ itemNote: 'from the loft', left: { share: 0.5 } })
    const [other] = read('Northwall\nRaw umber PBr7, Kittiwake Paints', ['Northwall']).paints
    expect([other!.row.maker, other!.maybeMaker]).toEqual(['', 'Kittiwake Paints'])
    expect(skipped.map((s) => s.text)).toEqual(['My list:', '42'])
  })
})
