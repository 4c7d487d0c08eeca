import { describe, expect, it } from 'vitest'
import { writePrice } from '../paints/reading/price'
import type { PaintRow } from '../paints/paintRow'
import { toTheEnd } from '../steps'
import { readPaintRows, standsOnce } from './paintRows'
import { doubtedColumns, matchColumns } from './paintTable'
import { cellsOf } from './readTable'
import { readSheets } from './readWorkbook'
import { tableOf } from './tablesOf'
import { ODD_TABLES } from './oddTables.fixture'
import { KEPT_TABLES } from './tables.fixture'
import type { Result } from '../result'

function must<T>(r: Result<T>): T {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const TABLES = [...KEPT_TABLES, ...ODD_TABLES]
const MAKERS = ['Northwall', 'Skerry Colours']
const share = (left: NonNullable<PaintRow['left']>) =>
  'share' in left ? `${Math.round(left.share * 100)} %` : `${left.millilitres} ml`
const inShort = (row: PaintRow) =>
  [
    ...[row.name, row.maker, row.pigments.join(' '), row.millilitres && `${row.millilitres} ml`],
    ...[row.kind !== 'tube' && row.kind, row.count !== 1 && `x${row.count}`, row.supply !== 'open' && row.supply],
    ...[...row.remarks, row.price && writePrice(row.price), row.bought, row.left && `left ${share(row.left)}`],
    row.series && `series ${row.series}`,
  ]
    .filter(Boolean)
    .join('; ')

/** All tables of a text, as an import takes them. */
function taken(text: string) {
  return must(readSheets(text)).map(({ table }) => {
    const matching = matchColumns(table, {}, MAKERS)
    const question = {
      table,
      matching,
      makers: MAKERS,
      money: { currency: 'EUR' },
      makerOnce: standsOnce(table, matching),
    }
    const doubts = Object.keys(doubtedColumns(table, matching)).map((c) => matching[Number(c)])
    return { ...must(toTheEnd(readPaintRows(question))), doubts }
  })
}

describe('tables as people keep them', () => {
  it('are at least sixty', () => expect(TABLES.length).toBeGreaterThanOrEqual(60))
  it.each(TABLES)('$is', ({ text, rows, aside = 0, bad = 0, asks = '', doubts = '' }) => {
    const found = taken(text)
    expect(found.flatMap((t) => t.good.map(inShort))).toEqual(rows)
    expect(found.flatMap((t) => t.aside).length).toBe(aside)
    expect(found.flatMap((t) => t.bad).length).toBe(bad)
    const asked = found.flatMap((t) => t.good.flatMap((r) => (r.questions ?? []).map((q) => q.field)))
    expect(asked.join(' ')).toBe(asks)
    expect(found.flatMap((t) => t.doubts).join(' ')).toBe(doubts)
  })
})

describe('where the headings stand', () => {
  const data = cellsOf('Paints\nName,Code\nViridian,PG18\n')
  it('is found, and can be set', () => {
    expect(must(tableOf(data))).toMatchObject({ headings: ['Name', 'Code'], headingLine: 2, lines: [3] })
    expect(must(tableOf(data, 1))).toMatchObject({ headingLine: 1, lines: [2, 3] })
    expect(must(tableOf(data, 'none'))).toMatchObject({ headless: true, lines: [1, 2, 3] })
  })
  it('a line that is not there means none', () => expect(must(tableOf(data, 99)).headless).toBe(true))
})

describe('days with slashes', () => {
  it('are read as the person says, once for the file', () => {
    const { table } = must(readSheets('Name,Bought\nViridian,3/2/24'))[0]!
    const day = (days: 'day first' | 'month first') =>
      must(toTheEnd(readPaintRows({ table, matching: { 0: 'name', 1: 'bought' }, days }))).good[0]!.bought
    expect([day('day first'), day('month first')]).toEqual(['2024-02-03', '2024-03-02'])
  })
})
