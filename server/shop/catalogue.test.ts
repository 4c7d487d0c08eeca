import { readShopAnswer } from '@juxtachrome/core/formats'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogueOf, type ShopName, SHOPS } from './catalogue'
import { runs } from '../../tests/setup/runs'

const names = Object.keys(SHOPS) as ShopName[]
const day = fc.integer({ min: 0, max: 40_000 }).map((n) => new Date(n * 86_400_000).toISOString().slice(0, 10))

describe('the simulated shops', () => {
  it.each(names)('%s answers with a list that can be read, on any day, twice the same', (name) => {
    fc.assert(
      fc.property(day, (on) => {
        const answer = JSON.stringify(catalogueOf(name, on))
        expect(readShopAnswer(answer)).toMatchObject({ ok: true })
        expect(JSON.stringify(catalogueOf(name, on))).toBe(answer)
      }),
      { numRuns: runs(25) },
    )
  })
  it('have singles in several sizes, sets, prices that change now and then, and something sold out', () => {
    const [june, july] = ['2026-06-01', '2026-07-15'].map((on) => catalogueOf('harbour', on).offers)
    expect(june!.filter((o) => !o.set).length).toBeGreaterThan(100)
    expect(june!.filter((o) => o.set).length).toBeGreaterThan(4)
    const before = new Map(june!.map((o) => [o.id, o.minor]))
    const changed = july!.filter((o) => before.get(o.id) !== o.minor).length
    expect(changed).toBeGreaterThan(3)
    expect(changed).toBeLessThan(june!.length / 2)
    expect(june!.some((o) => o.isSoldOut)).toBe(true)
    expect(new Set(june!.flatMap((o) => o.holds.map((h) => h.millilitres))).size).toBeGreaterThan(2)
  })
  it('a larger tube costs more, and less a millilitre', () => {
    const of = (ml: number) =>
      catalogueOf('harbour', '2026-06-01').offers.find(
        (o) => !o.set && o.holds[0]!.name === 'Viridian' && o.holds[0]!.millilitres === ml,
      )!.minor!
    expect(of(15)).toBeGreaterThan(of(5))
    expect(of(15) / 15).toBeLessThan(of(5) / 5)
  })
})
