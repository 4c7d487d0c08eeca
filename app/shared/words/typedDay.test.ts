import fc from 'fast-check'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { dayInWords } from './days'
import { dayOrder, readTypedDay } from './typedDay'

const TODAY = '2026-12-02'
/** As on a device of such a language. */
const on = (language: string) => vi.stubGlobal('navigator', { language })
afterEach(() => vi.unstubAllGlobals())

const LANGUAGES = ['en-GB', 'en-US', 'de-DE', 'fr-FR', 'nb-NO', 'ar-EG', 'ja-JP', 'ko-KR', 'hu-HU']
const days = fc
  .date({ min: new Date('1950-01-01T00:00:00Z'), max: new Date('2090-12-31T00:00:00Z'), noInvalidDate: true })
  .map((d) => d.toISOString().slice(0, 10))

describe('a day that is typed into a field', () => {
  it.each(LANGUAGES)('%s: whatever the field shows, it reads again', (language) => {
    on(language)
    fc.assert(
      fc.property(days, (day) => {
        expect(readTypedDay(dayInWords(day), TODAY)).toBe(day)
      }),
    )
  })

  it.each([
    ['en-GB', 'day first', '2026-04-03'],
    ['en-US', 'month first', '2026-03-04'],
    ['de-DE', 'day first', '2026-04-03'],
  ])('%s: two numbers are read in its order', (language, order, day) => {
    on(language)
    expect(dayOrder()).toBe(order)
    expect(readTypedDay('3/4/2026', TODAY)).toBe(day)
    expect(readTypedDay('3/4', TODAY)).toBe(day)
  })

  it('words, and days without their year, are of this year', () => {
    on('en-GB')
    expect(['today', 'Yesterday', 'tomorrow'].map((t) => readTypedDay(t, TODAY))).toEqual([
      TODAY,
      '2026-12-01',
      '2026-12-03',
    ])
    expect(['3 March', 'Mar 3', '3.3.', '2026-03-03'].map((t) => readTypedDay(t, TODAY))).toEqual(
      Array.from({ length: 4 }, () => '2026-03-03'),
    )
    on('de-DE')
    expect(readTypedDay('3. März 2025', TODAY)).toBe('2025-03-03')
  })

  it.each(['', 'soon', '31 February', '2026-02-30', '99', 'March 2025', '3/4/5/6'])('“%s” is no day', (text) => {
    on('en-GB')
    expect(readTypedDay(text, TODAY)).toBeUndefined()
  })
})
