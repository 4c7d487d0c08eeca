import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import { daysAfter, daysBetween } from '../units/calendar'
import { capacityOf, dryingDays, usualFilling } from './drying'

const [halfTin, , fullTin, , , ring] = HOLDERS

describe('volumes and drying', () => {
  it('a half pan holds about 2 ml, a full pan about twice that (common practice, no source)', () => {
    const half = capacityOf(halfTin!.places[0]!)
    const full = capacityOf(fullTin!.places[0]!)
    expect(half).toBeGreaterThan(1.5)
    expect(half).toBeLessThan(2.5)
    expect(full / half).toBeCloseTo(2, 0)
    expect(usualFilling(halfTin!.places[0]!)).toBeLessThan(half)
    expect(capacityOf(ring!.places[0]!)).toBeCloseTo((Math.PI * 15 ** 2 * 8) / 1000, 9)
  })

  it('a half pan filled at once takes about a week, a thin layer a day or two (common practice, no source)', () => {
    expect(dryingDays(halfTin!.places[0]!, 1.5)).toBe(7)
    expect(dryingDays(halfTin!.places[0]!, 0.2)).toBe(2)
    expect(dryingDays(halfTin!.places[0]!, 0)).toBe(1)
  })

  it('counts calendar days across the change to summer time and a leap day', () => {
    expect(daysAfter('2026-03-28', 2)).toBe('2026-03-30')
    expect(daysAfter('2028-02-28', 1)).toBe('2028-02-29')
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2)
  })
})
