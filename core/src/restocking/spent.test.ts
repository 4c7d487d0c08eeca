import { describe, expect, it } from 'vitest'
import { costOfSitting } from './costOf'
import { sumsOf } from '../paints/reading/price'
import { spendingsOf, spentBy } from './spent'
import { TODAY, paint, tube } from './restocking.fixture'

describe('what was spent', () => {
  const paints = new Map([
    ['v', paint('v', 'Viridian', ['PG18'])],
    ['o', paint('o', 'Yellow ochre', ['PY42'], 'Tern')],
  ])
  const bought = (id: string, paintId: string, minor: number, day: string, currency = 'EUR') =>
    tube(id, paintId, { price: { minor, currency }, bought: day })
  it('by month, family and maker, each currency by itself; what went back is not counted', () => {
    const items = [
      bought('1', 'v', 1200, '2026-05-02'),
      bought('2', 'o', 800, '2026-05-20'),
      bought('3', 'o', 500, '2026-06-01', 'GBP'),
      bought('4', 'v', 9999, '2026-06-01'),
      tube('5', 'v'),
    ]
    const purchases = [
      {
        id: 'p',
        v: 1 as const,
        shop: 's',
        day: '2026-06-01',
        currency: 'EUR',
        delivery: 490,
        lines: [{ words: '', minor: 9999, itemIds: ['4'], state: 'returned' as const }],
      },
      {
        id: 'q',
        v: 1 as const,
        shop: 's',
        day: '2026-06-02',
        currency: 'EUR',
        delivery: 350,
        lines: [{ words: '', minor: 800, itemIds: [], state: 'delivered' as const }],
      },
    ]
    const { spendings, unpriced } = spendingsOf({ items, purchases, paint: (id) => paints.get(id) })
    expect(unpriced).toBe(1)
    expect(Object.fromEntries(sumsOf(spendings))).toEqual({ EUR: 2350, GBP: 500 })
    const by = (what: 'month' | 'family' | 'maker') =>
      spentBy(spendings, what).map((g) => [g.of, Object.fromEntries(g.sums)])
    expect(by('month')).toEqual([
      ['2026-05', { EUR: 2000 }],
      ['2026-06', { GBP: 500, EUR: 350 }],
    ])
    expect(by('maker')[0]).toEqual(['Skerry', { EUR: 1200 }])
    expect(by('family').map(([of]) => of)).toContain('deliveries')
  })
  it('a painting costs what it takes of its colours, a lot three times as much', () => {
    const of = (paintId: string, much?: boolean) => ({ vessel: { vesselId: 'x' }, paintId, ...(much ? { much } : {}) })
    const use = { millilitres: 0.05, looks: 0, byPaint: new Map() }
    const worth = costOfSitting({ used: [of('v'), of('v', true), of('o')] }, use, (id) =>
      id === 'v' ? [bought('1', 'v', 1500, TODAY)] : [tube('2', 'o')],
    )
    expect(worth.sums.get('EUR')).toBeCloseTo(4 * 0.05 * 100, 9)
    expect(worth.unpriced).toBe(1)
  })
})
