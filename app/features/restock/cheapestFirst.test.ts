import { expect, it } from 'vitest'
import { cheapestFirst, type SizedOffer } from './cheapestFirst'

const offer = (id: string, currency: string, cost: Partial<SizedOffer>): SizedOffer =>
  ({ shop: { id: 's', currency }, offer: { id }, millilitres: 5, minor: 0, ...cost }) as never
const order = (...offers: SizedOffer[]) => cheapestFirst(offers).map((o) => o.offer.id)

it('puts what costs least a year first, then a ml, then at all, whatever the shop', () => {
  const offers = [
    offer('dear a year', 'EUR', { perYear: 900, perMl: 10, minor: 100 }),
    offer('cheap a year', 'EUR', { perYear: 300, perMl: 60, minor: 900 }),
    offer('no use known, cheap a ml', 'EUR', { perMl: 30, minor: 900 }),
    offer('no use known, dear a ml', 'EUR', { perMl: 50, minor: 100 }),
    offer('size not said', 'EUR', { minor: 50 }),
  ]
  expect(order(...[...offers].reverse())).toEqual([
    'cheap a year',
    'dear a year',
    'no use known, cheap a ml',
    'no use known, dear a ml',
    'size not said',
  ])
})

it('never weighs one currency against another', () => {
  expect(
    order(offer('a', 'EUR', { minor: 900 }), offer('b', 'NOK', { minor: 50 }), offer('c', 'EUR', { minor: 100 })),
  ).toEqual(['c', 'a', 'b'])
})
