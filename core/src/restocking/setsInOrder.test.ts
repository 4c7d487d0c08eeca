import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runs } from '../../../tests/setup/runs'
import type { Paint } from '../documents/paint'
import { setAgainstOwned } from './offers'
import { held, paint, single } from './restocking.fixture'
import { newInSet, setsInOrder } from './setsInOrder'

const NAMES: Readonly<Record<string, string>> = { PB29: 'Ultramarine', PV19: 'Rose', PR83: 'Alizarin', NR9: 'Madder' }
const of = (code: string) => held(NAMES[code] ?? code, [code])
const set = (
  id: string,
  codes: readonly string[],
  { serves = 0, minor = 3000, currency = 'EUR', owned = [] as readonly Paint[] } = {},
) => {
  const holds = codes.map(of)
  return {
    offer: { ...single(id, minor, holds[0]!), set: `Set ${id}`, holds },
    currency,
    serves,
    worth: setAgainstOwned(holds, owned, minor),
  }
}
const order = (sets: ReturnType<typeof set>[]) => setsInOrder(sets).map((p) => p.item.offer.id)

describe('sets on offer (what a painter would take first: common practice, no source)', () => {
  it('what answers a need comes before what only brings much', () =>
    expect(order([set('many', ['PB29', 'PV19', 'PG7', 'PY42']), set('needed', ['PB29'], { serves: 1 })])).toEqual([
      'needed',
      'many',
    ]))

  it('paints that fade are no reason to buy a set, however many there are', () => {
    const placed = setsInOrder([set('fading', ['PR83', 'NR9', 'PV19']), set('lasting', ['PB29', 'PV19'])])
    expect(placed.map((p) => [p.item.offer.id, p.ahead])).toEqual([
      ['lasting', 'it brings more that is new and lasts'],
      ['fading', undefined],
    ])
    expect(newInSet(set('x', ['PR83', 'PB29', 'PB999']).worth)).toMatchObject({
      fading: [{ name: 'Alizarin' }],
      lasting: [{ name: 'Ultramarine' }],
      unknown: [{ name: 'PB999' }],
    })
  })

  it('of as many new ones, the set that repeats less of what is owned; then the cheaper, where the money is the same', () => {
    const owned = [paint('o', 'Ultramarine', ['PB29'])]
    expect(order([set('a', ['PB29', 'PV19'], { owned }), set('b', ['PV19'], { owned })])).toEqual(['b', 'a'])
    expect(order([set('a', ['PV19'], { minor: 900 }), set('b', ['PV19'], { minor: 800 })])).toEqual(['b', 'a'])
    expect(order([set('a', ['PV19'], { minor: 900 }), set('b', ['PV19'], { minor: 800, currency: 'GBP' })])).toEqual([
      'a',
      'b',
    ])
  })

  it('go out the same whatever order they come in', () => {
    const CODES = ['PB29', 'PV19', 'PR83', 'NR9', 'PG7', 'PY42', 'PB999']
    const some = fc.array(
      fc.record({
        codes: fc.subarray(CODES, { minLength: 1 }),
        serves: fc.integer({ min: 0, max: 2 }),
        minor: fc.integer({ min: 500, max: 520 }),
      }),
      { maxLength: 8 },
    )
    const arbitrary = some
      .map((list) => list.map(({ codes, ...more }, i) => set(String(i), codes, more)))
      .chain((list) => fc.tuple(fc.constant(list), fc.shuffledSubarray(list, { minLength: list.length })))
    fc.assert(
      fc.property(arbitrary, ([list, shuffled]) => {
        expect(order(shuffled)).toEqual(order(list))
      }),
      { numRuns: runs(100) },
    )
  })
})
