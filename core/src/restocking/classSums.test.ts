import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Offer } from '../documents/offer'
import type { Shop } from '../documents/shop'
import { runs } from '../../../tests/setup/runs'
import { leastPrices, sumsOfClass } from './classSums'

const euro = (minor: number) => ({ minor, currency: 'EUR' })
const tube = (id: string, minor: number, pigments: string[], more: Partial<Offer['holds'][number]> = {}): Offer => ({
  id,
  minor,
  holds: [{ maker: 'Gannet', name: id, pigments, millilitres: 5, kind: 'tube', ...more }],
})
const shop = (currency: string, ...offers: Offer[]): Shop => ({
  id: currency,
  v: 1,
  name: 'Shop',
  day: '2026-05-01',
  currency,
  offers,
})

describe('what a class pays', () => {
  it('adds up tubes and money for one and for all, and says what has no price', () => {
    const sums = sumsOfClass(
      [
        { tubes: 1, millilitres: 5, perMl: euro(80) },
        { tubes: 2, millilitres: 5, perMl: euro(61) },
        { tubes: 1, millilitres: 5 },
        { tubes: 0, millilitres: 5 },
      ],
      12,
    )
    expect(sums.tubes).toBe(4)
    expect([...sums.each]).toEqual([['EUR', 400 + 610]])
    expect([...sums.all]).toEqual([['EUR', 12 * 1010]])
    expect(sums.unpriced).toBe(1)
  })
  it('what all pay is what each pays, so many times, to the last cent', () => {
    const line = fc.record({ tubes: fc.nat(5), millilitres: fc.constantFrom(5, 10, 15), perMl: fc.nat(999).map(euro) })
    fc.assert(
      fc.property(fc.array(line), fc.integer({ min: 1, max: 40 }), (lines, students) => {
        const { each, all } = sumsOfClass(lines, students)
        expect(all.get('EUR') ?? 0).toBe((each.get('EUR') ?? 0) * students)
        expect(Number.isInteger(each.get('EUR') ?? 0)).toBe(true)
      }),
      { numRuns: runs(100) },
    )
  })
  it('takes the least of the shops in the currency, of single tubes that can be had', () => {
    const priceOf = leastPrices(
      [
        shop(
          'EUR',
          tube('blue', 500, ['PB29']),
          tube('same', 450, ['PB29'], { millilitres: 15 }),
          { ...tube('gone', 100, ['PB29']), isSoldOut: true },
          { ...tube('set', 100, ['PB29']), holds: [...tube('a', 1, ['PB29']).holds, ...tube('b', 1, ['PY3']).holds] },
          tube('pan', 100, ['PB29'], { kind: 'bought pan' }),
          tube('violet', 600, ['PV19', 'PB29']),
          tube('unknown', 10, []),
        ),
        shop('NOK', tube('krone', 10, ['PB29'])),
      ],
      'EUR',
    )
    expect(priceOf(['PB29'])).toEqual(euro(30))
    expect(priceOf(['PB29', 'PV19'])).toEqual(euro(120))
    expect(priceOf(['PY3'])).toBeUndefined()
    expect(priceOf([])).toBeUndefined()
  })
})
