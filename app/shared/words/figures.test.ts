import { afterEach, describe, expect, it, vi } from 'vitest'
import { dayInWords } from './days'
import { moneyInWords, sumsInWords } from './moneyWords'
import { atMost, figure, inMl, listed, percent, points } from './figures'

/** As on a device of such a language. */
const on = (language: string) => vi.stubGlobal('navigator', { language })
afterEach(() => vi.unstubAllGlobals())

describe('numbers on screens', () => {
  it.each([
    ['en-GB', ['1.5 ml', '12.35', '3', '0.4 %', '13 %', '4.5 %', '0.0']],
    ['de-DE', ['1,5 ml', '12,35', '3', '0,4 %', '13 %', '4,5 %', '0,0']],
    // Latin digits, since the words round them are English
    ['ar-EG', ['1.5 ml', '12.35', '3', '0.4 %', '13 %', '4.5 %', '0.0']],
    // what some systems say where nobody chose a language
    ['C', ['1.5 ml', '12.35', '3', '0.4 %', '13 %', '4.5 %', '0.0']],
  ])('%s: the decimal mark is the device’s', (language, expected) => {
    on(language)
    const written = [inMl(1.49), atMost(12.3456, 2), figure(2.7), percent(0.004), percent(0.126), points(0.0449)]
    expect([...written, figure(-0.04, 1)]).toEqual(expected)
  })

  it.each([
    ['en-GB', '14 May 2026', '12.40 EUR', '1200 JPY'],
    ['C', '14 May 2026', '12.40 EUR', '1200 JPY'],
    ['de-DE', '14.05.2026', '12,40 EUR', '1200 JPY'],
    ['ar-EG', '14\u200f/05\u200f/2026', '12.40 EUR', '1200 JPY'],
  ])('%s: the order of a day and the mark of money are the device’s', (language, day, euros, yen) => {
    on(language)
    expect(dayInWords('2026-05-14')).toBe(day)
    expect([moneyInWords(1240, 'EUR'), moneyInWords(120_000, 'JPY')]).toEqual([euros, yen])
    expect(
      sumsInWords(
        new Map([
          ['EUR', 1240],
          ['GBP', 0],
        ]),
      ),
    ).toBe(euros)
  })

  it('lists are English wherever the device is', () => {
    on('de-DE')
    expect([[], ['ochre'], ['ochre', 'sienna'], ['ochre', 'sienna', 'umber']].map(listed)).toEqual([
      '',
      'ochre',
      'ochre and sienna',
      'ochre, sienna and umber',
    ])
  })
})
