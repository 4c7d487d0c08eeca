import { describe, expect, it } from 'vitest'
import { labD65, type LabD65 } from '../units'
import { PAPER_WHITE, washRamp } from './ramp'

const [masstone, wash] = [labD65(30, 40, -50), labD65(70, 10, -20)]
const toPaper = (from: LabD65, share: number) => ({
  L: from.L + (PAPER_WHITE.L - from.L) * share,
  a: from.a + (PAPER_WHITE.a - from.a) * share,
  b: from.b + (PAPER_WHITE.b - from.b) * share,
})
const near = (one: LabD65, other: { L: number; a: number; b: number }) =>
  expect(Math.hypot(one.L - other.L, one.a - other.a, one.b - other.b)).toBeLessThan(1e-9)

describe('the ramp of a swatch for long lists', () => {
  it('starts at the masstone, reaches the wash at 65 % and ends a third of the way from it to paper', () => {
    const ramp = washRamp({ masstone, wash }, 21)
    expect(ramp).toHaveLength(21)
    near(ramp[0]!, masstone)
    near(ramp[13]!, wash)
    near(ramp[12]!, { L: 30 + (40 * 12) / 13, a: 40 - (30 * 12) / 13, b: -50 + (30 * 12) / 13 })
    near(ramp[20]!, toPaper(wash, 0.35))
    for (let i = 1; i < ramp.length; i += 1) expect(ramp[i]!.L).toBeGreaterThan(ramp[i - 1]!.L)
  })

  it('without a wash takes it to lie three fifths of the way to paper; without a masstone starts at the wash', () => {
    near(washRamp({ masstone }, 21)[13]!, toPaper(masstone, 0.6))
    const [first, ...rest] = washRamp({ wash }, 21)
    near(first!, wash)
    near(rest[12]!, wash)
    near(rest.at(-1)!, toPaper(wash, 0.35))
  })

  it('of nothing there is none', () => expect(washRamp({})).toEqual([]))
})
