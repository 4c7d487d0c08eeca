import { expect, it } from 'vitest'
import { leastBetween, OCTAVES } from './coarse'

it('between the loads that are looked at the best is guessed by a parabola, and never below nothing', () => {
  const row = Float64Array.from({ length: OCTAVES }, (_, i) => (i - 2.3) ** 2 + 0.5)
  expect(leastBetween(row).at).toBeCloseTo(2.3, 6)
  expect(leastBetween(row).squared).toBeCloseTo(0.5, 6)
  expect(leastBetween(Float64Array.from([1, 2, 3, 4, 5, 6]))).toEqual({ at: 0, squared: 1 })
  expect(leastBetween(Float64Array.from([Infinity, 9, 0, 9, 9, 9])).squared).toBe(0)
})
