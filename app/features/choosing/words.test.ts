import type { Paint } from '@juxtachrome/core/documents'
import { describe, expect, it } from 'vitest'
import { handlesInWords, lacksInWords, proposalTitle, waysToBegin } from './words'

const paint = (id: string, more: Partial<Paint>): Paint => ({ id, v: 2, maker: '', name: id, pigments: [], ...more })

describe('a proposed palette in words', () => {
  it('what it is best at; the third by what was painted, or by what is usual', () => {
    expect(proposalTitle('use', true)).toBe('What you reach for')
    expect(proposalTitle('use', false)).toBe('What most palettes hold')
  })

  it('how many there are to begin with', () =>
    expect([3, 2, 1].map(waysToBegin)).toEqual(['Three ways to begin', 'Two ways to begin', 'One way to begin']))

  it('how many granulate and lift, in whole sentences', () => {
    const grainy = paint('a', { granulation: 'granulating', staining: 'lifts well' })
    const smooth = paint('b', { granulation: 'smooth', staining: 'stains strongly' })
    expect(handlesInWords([grainy, smooth])).toBe('One granulates, one lifts.')
    expect(handlesInWords([grainy, grainy])).toBe('Two granulate, two lift.')
    expect(handlesInWords([smooth])).toBe('None granulates, none lifts.')
  })

  it('what it lacks', () => {
    expect(lacksInWords([])).toEqual([])
    expect(lacksInWords(['a yellow earth', 'something that lifts'])).toEqual([
      'No yellow earth and nothing that lifts.',
    ])
  })
})
