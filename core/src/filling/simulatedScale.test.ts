import fc from 'fast-check'
import { expect, it } from 'vitest'
import { millilitresOf } from './practice'
import { emptyTube, simulatedScale } from './simulatedScale'

it('what it shows gives back what is in the tube, within its own error', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 1, max: 2.6, noNaN: true }),
      fc.integer(),
      (millilitres, density, seed) => {
        const empty = emptyTube(15)
        const shown = simulatedScale({ millilitres, density, empty, seed })
        expect(Math.abs(millilitresOf(shown - empty, density) - millilitres)).toBeLessThanOrEqual(0.26 / density)
        expect(simulatedScale({ millilitres, density, empty, seed })).toBe(shown)
        expect(Math.round(shown * 10)).toBeCloseTo(shown * 10, 6)
      },
    ),
  )
})
