import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { loadDocument } from '../documents/load'
import { readPriceList } from './readPriceList'
import { readTable } from './readTable'

describe('a shop’s list as a table', () => {
  const list = (text: string) => {
    const table = readTable(text)
    if (!table.ok) throw new Error(table.error.message)
    return readPriceList(table.value)
  }
  it('holds singles, sets, sizes, stock and the currency of its heading', () => {
    const read = list(`No;Maker;Name;Pigments;Size;Price (EUR);Set;Stock
17;Skerry;Viridian;PG18;15 ml;12,90;;yes
18;Skerry;Raw sienna;PBr7;half pan;5.95;;sold out
19;Tern;Rose;PV19;5 ml;19.90;First three;
;Tern;Blue;PB29;5 ml;;First three;
;Tern;Yellow;PY154;5 ml;;First three;
20;Tern;Gold;;14 ml;no idea;;`)
    if (!read.ok) throw new Error(read.error.message)
    const { currency, offers, odd } = read.value
    expect(currency).toBe('EUR')
    expect(offers.map((o) => [o.id, o.set, o.minor, o.holds.length, o.isSoldOut])).toEqual([
      ['17', undefined, 1290, 1, undefined],
      ['18', undefined, 595, 1, true],
      ['20', undefined, undefined, 1, undefined],
      ['19', 'First three', 1990, 3, undefined],
    ])
    expect(offers[1]!.holds[0]).toMatchObject({ kind: 'bought pan', millilitres: 1.8 })
    expect(odd).toMatchObject([{ line: 7 }])
  })
  it('a price in another currency than the others is left out and said', () => {
    const read = list('Name,Price\nA,8.90 EUR\nB,7.90 EUR\nC,£5.00')
    if (!read.ok) throw new Error()
    expect(read.value.currency).toBe('EUR')
    expect(read.value.offers[2]!.minor).toBeUndefined()
    expect(read.value.odd[0]!.reason).toMatch(/GBP/)
  })
  it('a column of pigment codes that is headed Code holds no numbers of the shop', () => {
    const read = list('Code,Name,Price\nPB29,Ultramarine,8.90\nPB29,Ultramarine deep,7.90\nPY154,Yellow,6')
    if (!read.ok) throw new Error()
    expect(read.value.offers.map((o) => [o.id, o.holds[0]!.pigments])).toEqual([
      ['line-2', ['PB29']],
      ['line-3', ['PB29']],
      ['line-4', ['PY154']],
    ])
    const own = list('Code,Name,Price\n1001,Ultramarine,8.90\n1002,Yellow,6')
    expect(own.ok && own.value.offers.map((o) => o.id)).toEqual(['1001', '1002'])
  })
  it('a whole shop of twenty thousand lines is one that can be kept; numbers that repeat cost no more than others', () => {
    const lines = (number: (i: number) => string) =>
      list(['No,Name,Price', ...Array.from({ length: 20_000 }, (_, i) => `${number(i)},Paint ${i},5`)].join('\n'))
    const took = (work: () => unknown) => {
      const begun = performance.now()
      work()
      return performance.now() - begun
    }
    const other = took(() => lines(String))
    const same = took(() => {
      const read = lines(() => '17')
      if (!read.ok) throw new Error(read.error.message)
      expect(new Set(read.value.offers.map((o) => o.id)).size).toBe(20_000)
      const shop = { id: 's', v: 1, name: 'All', day: '2026-05-01', currency: 'EUR', offers: read.value.offers }
      expect(loadDocument('shops', shop).ok).toBe(true)
    })
    // quadratic cost was some thousand times the other's
    expect(same / other).toBeLessThan(40)
  })
  it('without names or prices it is refused', () => {
    expect(list('Name,Size\nA,5 ml')).toMatchObject({ ok: false, error: { code: 'no-price-list' } })
    expect(list('Size,Price\n5 ml,3 EUR')).toMatchObject({ ok: false, error: { code: 'no-price-list' } })
  })
  it('whatever stands in the cells, every line is an offer that can be kept or is named as odd, with a number of its own', () => {
    const cell = fc.oneof(fc.string(), fc.constantFrom('8.90', '€ 5', '15 ml', 'PB29', 'sold out', 'Set A'))
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell, cell), { minLength: 1, maxLength: 12 }), (rows) => {
        const headings = ['Name', 'Price', 'Set', 'No']
        const read = readPriceList({ headings, rows, lines: rows.map((_, i) => i + 2) })
        if (!read.ok) return
        const { offers, odd } = read.value
        expect(new Set(offers.map((o) => o.id)).size).toBe(offers.length)
        const held = offers.reduce((sum, o) => sum + o.holds.length, 0)
        expect(held + odd.filter((o) => o.reason === 'no paint is named').length).toBe(rows.length)
        for (const o of offers) expect(o.minor === undefined || (Number.isInteger(o.minor) && o.minor >= 0)).toBe(true)
      }),
    )
  })
})
