import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tin, tube } from '../documents/documents.fixture'
import { Drawing, itemsToFillFrom, LEAST } from './tubes'

describe('tubes to fill from', () => {
  it('come open before sealed, and none that is empty, lent or on order', () => {
    const items = (['sealed', 'empty', 'open', 'lent', 'on order'] as const).map((s) => tube(s, 'dark', s))
    expect(itemsToFillFrom(items).map((i) => i.id)).toEqual(['open', 'sealed'])
  })

  it('are never drawn from further than they go, and what is lacking is said to the tenth', () => {
    const asked = fc.array(fc.record({ tenths: fc.integer({ min: 1, max: 60 }), whole: fc.boolean() }), {
      maxLength: 12,
    })
    const tubes = fc.array(fc.integer({ min: 0, max: 150 }), { maxLength: 4 })
    fc.assert(
      fc.property(tubes, asked, (held, asks) => {
        const left = new Map(held.map((tenths, i) => [`t${i}`, tenths / 10]))
        const items = [...left.keys()].map((id) => tube(id, 'p'))
        const drawing = new Drawing({ itemsOf: () => items, left: (item) => left.get(item.id)! })
        const drawn = new Map<string, number>()
        const note = (id: string, ml: number) => drawn.set(id, (drawn.get(id) ?? 0) + ml)
        for (const { tenths, whole } of asks) {
          const ml = tenths / 10
          if (whole) {
            const from = drawing.fromOne('p', ml, tin.holder.places[0]!)
            if (from) note(from.item.id, from.millilitres)
          } else {
            const { draws, missing } = drawing.fromSeveral('p', ml)
            for (const draw of draws) note(draw.itemId, draw.millilitres)
            expect(draws.reduce((sum, d) => sum + d.millilitres, missing)).toBeCloseTo(ml, 6)
            const rest = [...left].reduce((sum, [id, had]) => sum + had - (drawn.get(id) ?? 0), 0)
            if (missing > 0) expect(rest).toBeLessThan(LEAST)
          }
        }
        for (const [id, ml] of drawn) expect(ml).toBeLessThanOrEqual(left.get(id)! + 1e-6)
      }),
    )
  })
})
