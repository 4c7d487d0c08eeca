import { describe, expect, it } from 'vitest'
import type { Change } from '../documents/diff'
import type { Item } from '../documents/item'
import type { Offer } from '../documents/offer'
import type { Paint } from '../documents/paint'
import { placeOrder, placesKeptFor, settleLine, standingSum } from './orders'
import { spendingsOf } from './spent'
import { TODAY, paint, held, single, shop } from './restocking.fixture'
import { tinWith } from '../documents/tin.fixture'

describe('orders', () => {
  let n = 0
  const newId = () => `new${(n += 1)}`
  const terms = { delivery: 490, freeFrom: 6000 }
  const order = (offers: Offer[], paints: Paint[] = []) => {
    const from = shop('Harbour', offers, terms)
    return placeOrder({ offers: offers.map((offer) => ({ shop: from, offer, serves: [] })), paints, day: TODAY, newId })
  }
  const made = <K extends string>(changes: readonly Change[], kind: K) =>
    changes.flatMap((c) => (c.kind === (kind as never) && c.after ? [c.after as never] : []))

  it('make items on order, and paints that were not listed; a set’s price is shared out to the last hundredth', () => {
    const owned = paint('v', 'Viridian', ['PG18'])
    const placed = order(
      [
        single('1', 595, held('Viridian')),
        { id: 's', set: 'Three', minor: 1000, holds: [held('A'), held('B'), held('A')] },
      ],
      [owned],
    )
    if (!placed.ok) throw new Error(placed.error.message)
    const { purchase, changes } = placed.value
    const items = made(changes, 'items') as Item[]
    expect(items.map((i) => [i.supply, i.price!.minor])).toEqual([
      ['on order', 595],
      ['on order', 334],
      ['on order', 333],
      ['on order', 333],
    ])
    expect(items[0]!.paintId).toBe('v')
    expect(items[1]!.paintId).toBe(items[3]!.paintId)
    expect(made(changes, 'paints')).toHaveLength(2)
    expect(purchase).toMatchObject({
      shop: 'Harbour',
      delivery: 490,
      lines: [{ minor: 595, state: 'ordered' }, { minor: 1000 }],
    })
  })
  it('are refused whole where something has no price, or nothing was chosen', () => {
    expect(order([single('1', undefined, held('A'))])).toMatchObject({ ok: false, error: { code: 'no-price' } })
    expect(order([])).toMatchObject({ ok: false, error: { code: 'nothing-ordered' } })
  })
  it('delivered becomes sealed, returned goes, ordered after all comes back; what is in use stays', () => {
    const placed = order([single('1', 595, held('Viridian'))])
    if (!placed.ok) throw new Error()
    const item = (made(placed.value.changes, 'items') as Item[])[0]!
    const after = (state: 'delivered' | 'returned' | 'ordered', now: Item, purchase = placed.value.purchase) => {
      const changes = settleLine(purchase, 0, state, () => now, '2026-06-09')
      return {
        item: (made(changes, 'items') as Item[])[0],
        purchase: made(changes, 'purchases')[0] as typeof purchase | undefined,
      }
    }
    const came = after('delivered', item)
    expect(came.item).toMatchObject({ supply: 'sealed', bought: '2026-06-09' })
    expect(came.purchase!.lines[0]).toMatchObject({ state: 'delivered', day: '2026-06-09' })
    const back = after('returned', came.item!, came.purchase)
    expect(back.item).toMatchObject({ removed: true })
    expect(after('delivered', back.item!, back.purchase).item).not.toHaveProperty('removed')
    const opened = after('returned', { ...came.item!, supply: 'open' }, came.purchase)
    // it is not at hand any more, opened or not; kept after all, it is as it was
    expect(opened.item).toMatchObject({ removed: true, supply: 'open' })
    expect(opened.purchase!.lines[0]!.state).toBe('returned')
    expect(after('delivered', opened.item!, opened.purchase).item).toEqual({ ...came.item!, supply: 'open' })
    expect(after('ordered', { ...came.item!, supply: 'open' }, came.purchase).item).toBeUndefined()
  })
  it('cost what stands, with the delivery as long as anything does, in orders as in what was spent', () => {
    const placed = order([single('1', 595, held('Viridian')), single('2', 700, held('A'))])
    if (!placed.ok) throw new Error()
    const items = made(placed.value.changes, 'items') as Item[]
    const states = ['ordered', 'delivered', 'returned', 'never mind'] as const
    for (const one of states)
      for (const other of states) {
        const { purchase } = placed.value
        const lines = purchase.lines.map((l, i) => ({ ...l, state: i ? other : one }))
        const now = { ...purchase, lines }
        const { spendings } = spendingsOf({
          items: items.map((i) => ({ ...i, bought: TODAY })),
          purchases: [now],
          paint: () => undefined,
        })
        expect(
          spendings.reduce((sum, s) => sum + s.minor, 0),
          `${one} ${other}`,
        ).toBe(standingSum(now))
      }
  })
  it('what comes is offered the places that were kept for it', () => {
    const tin = tinWith({
      A1: { reserved: 'Viridian' },
      A2: { reserved: 'something with PG18' },
      A3: { paintId: 'q', standsFor: { paintId: 'v', words: 'Viridian' } },
    })
    expect(placesKeptFor(paint('v', 'Viridian', ['PG18']), [tin]).map((k) => k.placeId)).toEqual(['A1', 'A2', 'A3'])
    expect(placesKeptFor(paint('r', 'Rose', ['PV19']), [tin])).toEqual([])
  })
})
