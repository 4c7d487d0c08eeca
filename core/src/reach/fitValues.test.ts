import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runs } from '../../../tests/setup/runs'
import { deeperThanPaint, deepestOfPaint, fitValues } from './fitValues'

const colours = fc.array(
  fc.record({ L: fc.double({ min: 0, max: 100, noNaN: true }), a: fc.integer(), b: fc.integer() }),
  {
    minLength: 1,
    maxLength: 20,
  },
)

describe('values of a photograph, fitted to what paint can do', () => {
  it('the deepest paint is a black, far from a photograph’s (blacks lie at L* 15 to 30: common practice, no source)', () => {
    expect(deepestOfPaint()).toBeGreaterThan(8)
    expect(deepestOfPaint()).toBeLessThan(30)
  })
  it('black becomes the deepest paint, white stays, what is between keeps its place', () => {
    const floor = deepestOfPaint()
    const [black, half, white] = fitValues([{ L: 0 }, { L: 50 }, { L: 100 }])
    expect([black!.L, half!.L, white!.L]).toEqual([floor, (100 + floor) / 2, 100])
    expect(deeperThanPaint([{ L: 0 }, { L: floor }, { L: 90 }])).toEqual([{ L: 0 }])
    expect(fitValues([{ L: floor + 1 }, { L: 90 }])).toEqual([{ L: floor + 1 }, { L: 90 }])
  })
  it('nothing is left that is deeper than paint; order and everything else stay; twice is as once', () => {
    fc.assert(
      fc.property(colours, (list) => {
        const fitted = fitValues(list)
        expect(deeperThanPaint(fitted)).toEqual([])
        expect(fitted.map(({ a, b }) => [a, b])).toEqual(list.map(({ a, b }) => [a, b]))
        for (const [i, one] of list.entries())
          for (const [j, other] of list.entries())
            if (one.L <= other.L) expect(fitted[i]!.L).toBeLessThanOrEqual(fitted[j]!.L + 1e-9)
        fitValues(fitted).forEach(({ L }, i) => expect(L).toBeCloseTo(fitted[i]!.L, 9))
      }),
      { numRuns: runs(100) },
    )
  })
})
