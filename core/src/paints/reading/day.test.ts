import { describe, expect, it } from 'vitest'
import { isOpenDay, readDay } from './day'

describe('days as people write them', () => {
  it.each([
    ['2024-03-02', '2024-03-02'],
    ['02.03.2024', '2024-03-02'],
    ['2.3.24', '2024-03-02'],
    ['2 March 2024', '2024-03-02'],
    ['2nd March 2024', '2024-03-02'],
    ['2 Mar 2024', '2024-03-02'],
    ['March 2, 2024', '2024-03-02'],
    ['25/3/2024', '2024-03-25'],
    ['3/25/2024', '2024-03-25'],
    ['5/5/24', '2024-05-05'],
    ['March 2023', '2023-03-01'],
    ['2023-03', '2023-03-01'],
    ['31.02.2024', undefined],
    ['3/2/24', undefined],
    ['spring', undefined],
    ['12', undefined],
    ['2024', undefined],
  ])('%s', (text, day) => expect(readDay(text)?.day).toBe(day))

  it('a month alone says that it is one', () => expect(readDay('March 2023')?.doubt).toContain('names no day'))
  it('two numbers that may each be the month are open, and read as they are said to be', () => {
    expect(['3/2/24', '25/3/24', '5/5/24', '2.3.24'].map(isOpenDay)).toEqual([true, false, false, false])
    expect(readDay('3/2/24', 'day first')?.day).toBe('2024-02-03')
    expect(readDay('3/2/24', 'month first')?.day).toBe('2024-03-02')
    expect(readDay('25/3/24', 'month first')?.day).toBe('2024-03-25')
  })
})
