import { expect, it } from 'vitest'
import { tin, tube } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import { costToFill } from './costToFill'
import { usualFilling } from './drying'

it('what filling costs: by the tubes’ prices, each currency apart, what has none counted', () => {
  const priced = (id: string, minor: number, currency: string): Item => ({
    ...tube(`t-${id}`, id),
    price: { minor, currency },
  })
  const items: Record<string, Item[]> = {
    a: [priced('a', 1500, 'EUR')],
    b: [priced('b', 3000, 'NOK')],
    c: [tube('t-c', 'c')],
  }
  const palette = {
    ...tin,
    plan: {
      A1: { paintId: 'a' },
      A2: { paintId: 'a' },
      A3: { paintId: 'b' },
      A4: { paintId: 'c' },
      A5: { reserved: '' },
    },
  }
  const half = usualFilling(tin.holder.places[0]!)
  const cost = costToFill(palette, (id) => items[id] ?? [])
  expect(cost.millilitres).toBeCloseTo(4 * half, 9)
  expect(cost.unpriced).toBe(1)
  // a tube of 15 ml for 15.00 is 1.00 a ml
  expect(cost.sums.map((s) => [s.currency, Math.round(s.minor)])).toEqual([
    ['EUR', Math.round(2 * half * 100)],
    ['NOK', Math.round(half * 200)],
  ])
  expect(costToFill(tin, () => [])).toEqual({ sums: [], millilitres: 0, unpriced: 0 })
})
