import { expect, it } from 'vitest'
import { copiesToThin, copyName, dayOfCopy, nextCopyName } from './copies'

/** Every day of so many before one. */
const days = (last: string, many: number) =>
  Array.from({ length: many }, (_, i) =>
    new Date(Date.parse(`${last}T12:00:00Z`) - i * 864e5).toISOString().slice(0, 10),
  )

it('of a copy a day for two years stay two weeks of days, half a year of weeks, and the newest of each month', () => {
  const names = days('2026-11-30', 730).map(copyName)
  const gone = new Set(copiesToThin(names, '2026-11-30'))
  const left = names.filter((n) => !gone.has(n)).map((n) => dayOfCopy(n)!)
  expect(left.slice(0, 14)).toEqual(days('2026-11-30', 14))
  const weeks = left.filter((d) => d <= '2026-11-16' && d > '2026-06-01')
  expect(weeks.length).toBeGreaterThanOrEqual(24)
  expect(weeks.length).toBeLessThanOrEqual(26)
  const months = left.filter((d) => d <= '2026-05-31').map((d) => d.slice(0, 7))
  expect(new Set(months).size).toBe(months.length)
  expect(months).toContain('2025-01')
  // thinned again nothing more goes
  expect(copiesToThin(left.map(copyName), '2026-11-30')).toEqual([])
})

it('thinned day after day it never loses a whole month, and leaves other files alone', () => {
  let names = ['holiday.json', 'juxtachrome-2025-01-01.json', copyName('2025-13-01')]
  for (const day of days('2026-11-30', 500).reverse()) {
    names.push(copyName(day))
    const gone = new Set(copiesToThin(names, day))
    names = names.filter((n) => !gone.has(n))
  }
  expect(names).toContain('holiday.json')
  expect(names).toContain('juxtachrome-2025-01-01.json')
  const months = new Set(names.flatMap((n) => dayOfCopy(n)?.slice(0, 7) ?? []))
  // from July 2025 on
  expect(months.size).toBe(17)
  expect(names.length).toBeLessThan(14 + 27 + 18 + 3)
})

it('a day’s copy is written anew; after everything was replaced it is left, and another is begun', () => {
  const day = '2026-11-30'
  expect(nextCopyName([], day, false)).toBe(copyName(day))
  expect(nextCopyName([], day, true)).toBe(copyName(day))
  expect(nextCopyName([copyName(day)], day, false)).toBe(copyName(day))
  expect(nextCopyName([copyName(day)], day, true)).toBe('juxtachrome-copy-2026-11-30-2.json')
  expect(nextCopyName([copyName(day), copyName(day, 12)], day, false)).toBe(copyName(day, 12))
  expect(dayOfCopy(copyName(day, 12))).toBe(day)
  // both of a day stay for two weeks; then the later one
  expect(copiesToThin([copyName(day), copyName(day, 2)], '2026-12-05')).toEqual([])
  expect(copiesToThin([copyName(day), copyName(day, 2)], '2027-03-05')).toEqual([copyName(day)])
})
