import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import { dayOf, daysAfter, daysBetween } from './calendar'
import { runs } from '../../../tests/setup/runs'

const here = process.env.TZ
afterEach(() => {
  if (here === undefined) delete process.env.TZ
  else process.env.TZ = here
})
/** Zones with clock changes at midnight, of half hours, to the other side of the date line, and none. */
const ZONES = ['UTC', 'Europe/Berlin', 'America/Sao_Paulo', 'Australia/Lord_Howe', 'Pacific/Apia', 'Africa/Cairo']

describe('days', () => {
  it('are counted alike wherever and whenever clocks change', () => {
    const start = Date.UTC(1995, 0, 1)
    const expected = (from: number, count: number) =>
      new Date(start + (from + count) * 864e5).toISOString().slice(0, 10)
    fc.assert(
      fc.property(
        fc.constantFrom(...ZONES),
        fc.nat(12_000),
        fc.integer({ min: -400, max: 400 }),
        (zone, from, count) => {
          process.env.TZ = zone
          const day = expected(from, 0)
          // Samoa left out 30 December 2011, when it crossed the date line: a day that its calendar never had
          if (zone === 'Pacific/Apia' && [day, expected(from, count)].includes('2011-12-30')) return
          expect(daysAfter(day, count)).toBe(expected(from, count))
          expect(daysBetween(day, expected(from, count))).toBe(count)
        },
      ),
      { numRuns: runs(2000) },
    )
  })

  it('are those of the place where one is: on a journey west the same moment is another day', () => {
    const moment = new Date('2026-05-01T03:30:00Z')
    process.env.TZ = 'Europe/Berlin'
    expect(dayOf(moment)).toBe('2026-05-01')
    process.env.TZ = 'America/Sao_Paulo'
    expect(dayOf(moment)).toBe('2026-05-01')
    process.env.TZ = 'America/Los_Angeles'
    expect(dayOf(moment)).toBe('2026-04-30')
  })
})
