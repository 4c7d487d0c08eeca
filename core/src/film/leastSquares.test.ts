import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { leastSquares } from './leastSquares'

describe('least squares', () => {
  it('finds the minimum of the Rosenbrock valley (Rosenbrock 1960, Computer Journal 3)', () => {
    const { x, cost } = leastSquares(
      (p, r) => {
        r[0] = 10 * (p[1]! - p[0]! ** 2)
        r[1] = 1 - p[0]!
      },
      2,
      [-1.2, 1],
      200,
    )
    expect(cost).toBeLessThan(1e-3)
    expect(Math.hypot(x[0]! - 1, x[1]! - 1)).toBeLessThan(0.1)
  })
  it('solves a linear problem at once, whatever it is', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 5, noNaN: true }), fc.double({ min: -5, max: 5, noNaN: true }), (a, b) => {
        const { x } = leastSquares(
          (p, r) => {
            for (let i = 0; i < 6; i += 1) r[i] = p[0]! + p[1]! * i - (a + b * i)
          },
          6,
          [0, 0],
        )
        expect(Math.hypot(x[0]! - a, x[1]! - b)).toBeLessThan(0.02)
      }),
    )
  })
  it('never makes it worse, and leaves a start that cannot be bettered', () => {
    const start = [3, -2]
    const residuals = (p: Float64Array, r: Float64Array) => {
      r[0] = Math.sin(p[0]!) + 2
      r[1] = Math.abs(p[1]!)
    }
    const before = (Math.sin(3) + 2) ** 2 + 4
    expect(leastSquares(residuals, 2, start).cost).toBeLessThanOrEqual(before)
    expect(leastSquares((_, r) => r.fill(0), 2, start).x).toEqual(Float64Array.from(start))
  })
})
