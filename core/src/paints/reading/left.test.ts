import { describe, expect, it } from 'vitest'
import { millilitresLeft, readLeft, takeLeft } from './left'
import { Rest } from './rest'

describe('what is left', () => {
  it.each([
    ['full', 15],
    ['half', 7.5],
    ['1/3', 5],
    ['a third left', 5],
    ['two thirds used', 5],
    ['three quarters full', 11.3],
    ['30 %', 4.5],
    ['20% used', 12],
    ['6', 6],
    ['6,5 ml', 6.5],
    ['4 ml left', 4],
    ['half left', 7.5],
  ])('%s, of 15 ml', (text, ml) => expect(millilitresLeft(readLeft(text)!, 15)).toBe(ml))
  it.each(['plenty', '5/3', '120 %', '', 'some'])('“%s” does not say', (text) => expect(readLeft(text)).toBeUndefined())
  it('is taken out of a line, the rest stays', () => {
    const rest = new Rest('Viridian, half used, lovely')
    expect(takeLeft(rest)).toEqual({ share: 0.5 })
    expect(rest.pieces()).toEqual(['Viridian', 'lovely'])
  })
})
