import { describe, expect, it } from 'vitest'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { collectRows } from '../paints/collect'
import { matchColumns, readRow } from './paintTable'
import { readTable } from './readTable'
import { paintTableRows, writePaintCsv } from './writePaintTable'

const PAINTS: Paint[] = [
  {
    id: 'a',
    v: 2,
    maker: 'Halvard & Roe',
    name: 'Vert d’émeraude, "foncé"',
    pigments: ['PG18', 'PB15:3'],
    formula: 'before 2021',
    series: '3',
    masstone: { L: 34.2, a: -32, b: 4, source: 'typed' },
    wash: { L: 72, a: -28, b: 6, source: 'typed' },
    transparency: 'semi-transparent',
    staining: 'lifts well',
    granulation: 'granulating',
    lightfastness: 'very good',
    grade: 'artist',
    medium: 'gouache',
    discontinued: true,
    vegan: false,
    note: 'line one; line two',
  },
  { id: 'b', v: 2, maker: '', name: '=1+1', pigments: [] },
]
const ITEMS: Item[] = [
  {
    id: 'i',
    v: 2,
    paintId: 'a',
    kind: 'tube',
    millilitres: 7.5,
    supply: 'sealed',
    remarks: ['saving it'],
    price: { minor: 123450, currency: 'EUR' },
    bought: '2024-05-01',
    boughtFrom: 'the fair',
  },
  { id: 'j', v: 2, paintId: 'a', kind: 'tube', millilitres: 15, sizeAssumed: true, supply: 'open', remarks: [] },
]

describe('the collection as a table', () => {
  const itemsOf = (id: string) => ITEMS.filter((i) => i.paintId === id)
  const text = writePaintCsv(paintTableRows(PAINTS, itemsOf))

  it('is read again by the import as what it was', () => {
    const table = readTable(text)
    if (!table.ok) throw new Error(table.error.message)
    const rows = table.value.rows.map((_, i) => {
      const row = readRow(table.value, i, matchColumns(table.value))
      if (!row.ok) throw new Error(row.error.message)
      // the codes may be unusual for the name; nothing else is asked
      expect((row.value.questions ?? []).filter((q) => q.field !== 'pigments')).toEqual([])
      return row.value
    })
    let n = 0
    const changes = collectRows(rows, [], () => `new${(n += 1)}`)
    const paints = changes.filter((c) => c.kind === 'paints').map((c) => ({ ...(c.after as Paint), id: '' }))
    expect(paints).toEqual(PAINTS.map((p) => ({ ...p, id: '' })))
    const items = changes.filter((c) => c.kind === 'items').map((c) => ({ ...(c.after as Item), id: '', paintId: '' }))
    expect(items).toEqual(ITEMS.map((i) => ({ ...i, id: '', paintId: '' })))
  })

  it('runs no formula in a spreadsheet', () => {
    expect(text).toContain("'=1+1")
  })
})
