import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import { paint, tin, tube } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import type { Palette } from '../documents/palette'
import type { PaletteState } from '../ledger/stays'
import { fillOrder, leftOutOf, usualFillings } from './fillOrder'
import { usualFilling } from './drying'

const shade = (id: string, L: number) => paint(id, { masstone: { L, a: 10, b: 10, source: 'typed' } })
const PAINTS = new Map([shade('dark', 20), shade('light', 85), shade('middle', 50)].map((p) => [p.id, p]))
const plan = {
  A1: { paintId: 'dark' },
  A2: { paintId: 'light' },
  A3: { paintId: 'middle' },
  A4: { reserved: 'a brown' },
  A5: { paintId: 'gone' },
}
const palette: Palette = { ...tin, plan }
const paintOf = (id: string) => PAINTS.get(id)
const NOTHING: PaletteState = new Map()
const half = usualFilling(HOLDERS[0]!.places[0]!)
const vessel = (placeId: string) => ({ vesselId: `tin/${placeId}` })

describe('the order of filling', () => {
  it('is light before dark, of planned places in which nothing lies', () => {
    const order = (state: PaletteState) => fillOrder({ palette, state, paint: paintOf }).map((p) => p.place.id)
    expect(order(NOTHING)).toEqual(['A2', 'A3', 'A1'])
    const content = { layers: [], dryFrom: '2026-05-01' }
    expect(
      order(
        new Map([
          ['A2', { vesselId: 'tin/A2', content, stays: [] }],
          ['A3', { vesselId: 'tin/A3', stays: [] }],
        ]),
      ),
    ).toEqual(['A3', 'A1'])
  })

  it('fills the usual amount from tubes that hold it, each drawn from no further than it goes', () => {
    const places = fillOrder({
      palette: { ...palette, plan: { A1: { paintId: 'dark' }, A2: { paintId: 'dark' }, A3: { paintId: 'light' } } },
      state: NOTHING,
      paint: paintOf,
    })
    const items = new Map([
      ['dark', [tube('first', 'dark'), tube('second', 'dark', 'sealed')]],
      ['light', [tube('short', 'light')]],
    ])
    const left = new Map([
      ['first', half * 1.5],
      ['second', half],
      ['short', half - 0.01],
    ])
    const stock = { itemsOf: (id: string) => items.get(id) ?? [], left: (i: Item) => left.get(i.id)! }
    const fills = usualFillings(places, stock, vessel, '2026-05-01')
    expect(fills.map((f) => [f.itemId, f.millilitres])).toEqual([
      ['first', half],
      ['second', half],
    ])
    expect(fills.every((f) => f.day === '2026-05-01' && f.dryingDays > 1 && 'vesselId' in f.vessel)).toBe(true)
    left.set('first', half * 2)
    expect(usualFillings(places, stock, vessel, '2026-05-01').map((f) => f.itemId)).toEqual(['first', 'first'])
  })

  it('names what it leaves out, with the reason', () => {
    const places = fillOrder({
      palette: { ...palette, plan: { A1: { paintId: 'dark' }, A2: { paintId: 'middle' }, A3: { paintId: 'light' } } },
      state: NOTHING,
      paint: paintOf,
    })
    const stock = {
      itemsOf: (id: string) => (id === 'dark' ? [tube('d', 'dark')] : id === 'light' ? [tube('l', 'light')] : []),
      left: (i: Item) => (i.id === 'd' ? 10 : 0.2),
    }
    expect(leftOutOf(places, stock).map((l) => [l.place.id, l.reason])).toEqual([
      ['A3', `0.2 ml left, ${half.toFixed(1)} needed`],
      ['A2', 'no tube of it at hand'],
    ])
  })
})
