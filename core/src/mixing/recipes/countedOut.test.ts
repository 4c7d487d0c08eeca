import { describe, expect, it } from 'vitest'
import { colourAt } from '../../film/optics'
import { mixOptics } from '../mixOptics'
import { every, found } from './recipes.fixture'

describe('parts that are counted out', () => {
  it('many parts become at most ten where nobody would see it; the nearest of all stays, whatever its parts', () => {
    const sumOf = (r: { paints: readonly { parts: number }[] }) => r.paints.reduce((sum, p) => sum + p.parts, 0)
    let counted = 0
    for (const from of [3, 8, 12, 17, 23, 29]) {
      const trio = every(61, from).slice(0, 3)
      const mixed = mixOptics(trio.map(({ optics }, i) => ({ optics, parts: [7, 5, 6][i]! })))
      if (!mixed.ok) throw new Error('unmixed')
      const best = found({ target: { kind: 'colour', lab: colourAt(mixed.value, 0.5) }, paints: trio })
      // nobody would see what it costs; how near the search itself comes is held against trying everything above
      expect(Math.min(...best.map((r) => r.difference))).toBeLessThan(0.5)
      const many = best.filter((r) => sumOf(r) > 10)
      const simple = best.filter((r) => r.paints.length === 3 && sumOf(r) <= 10)
      counted += simple.length
      // beside one in parts that are counted out, only the nearest keeps more
      if (simple.length) expect(many.filter((r) => r.paints.length === 3).length).toBeLessThanOrEqual(1)
    }
    expect(counted).toBeGreaterThanOrEqual(3)
  })
})
