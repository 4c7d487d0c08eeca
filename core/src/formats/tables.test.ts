import { describe, expect, it } from 'vitest'
import { toTheEnd } from '../steps'
import { asTaken } from './asTaken.fixture'
import { readPaintRows } from './paintRows'
import { readCells } from './readTable'
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
describe('tables as people keep them', () => {
  it('are at least sixty', () => expect(TABLES.length).toBeGreaterThanOrEqual(60))
  it.each(TABLES)('$is', ({ text, rows, aside = 0, bad = 0, asks = '', doubts = '' }) =>
    expect(asTaken(text)).toEqual({ rows, aside, bad, asks, doubts }),
  )
})

describe('where the headings stand', () => {
  const data = must(readCells('Paints\nName,Code\nViridian,PG18\n'))
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
