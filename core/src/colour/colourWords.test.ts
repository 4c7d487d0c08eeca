import { describe, expect, it } from 'vitest'
import { COLOUR_WORDS, colourOfWord, parseColourOrWord, wordsLike } from './colourWords'
import { toLch } from './lch'
import { parseColour } from './parseColour'
import { sectorOf } from './wheel'
import { toScreen } from './srgb'

describe('colours by words (from memory)', () => {
  it('are some hundred and fifty and more, each a colour that a surface can have', () => {
    expect(COLOUR_WORDS.length).toBeGreaterThan(150)
    expect(new Set(COLOUR_WORDS).size).toBe(COLOUR_WORDS.length)
    for (const word of COLOUR_WORDS) {
      const { L, a, b } = colourOfWord(word)!
      expect(parseColour(`${L} ${a} ${b}`).ok, word).toBe(true)
      expect(toScreen(colourOfWord(word)!).hex).toMatch(/^#[0-9a-f]{6}$/)
    }
  })
  // common practice, no source
  it.each([
    ['lemon', 'yellow'],
    ['gorse', 'yellow'],
    ['puffin bill', 'orange'],
    ['poppy', 'red'],
    ['violet', 'violet'],
    ['ultramarine', 'blue'],
    ['jade', 'green'],
    ['emerald', 'green'],
  ])('%s lies among the %ss', (word, family) => expect(sectorOf(toLch(colourOfWord(word)!).h).family).toBe(family))
  it('wet is darker than dry, shade than light', () => {
    for (const [dark, light] of [
      ['wet slate', 'slate'],
      ['wet sand', 'sand'],
      ['wet kelp', 'kelp'],
      ['skin in shade', 'skin in light'],
      ['dark skin in shade', 'dark skin in light'],
    ] as const)
      expect(colourOfWord(dark)!.L).toBeLessThan(colourOfWord(light)!.L)
  })
  it('are read however they are written; numbers are still numbers', () => {
    expect(parseColourOrWord('  Wet   Slate ')).toEqual({ ok: true, value: colourOfWord('wet slate') })
    expect(parseColourOrWord('32 12 -40')).toEqual(parseColour('32 12 -40'))
    expect(parseColourOrWord('#3b5c7a').ok).toBe(true)
    expect(parseColourOrWord('120 0 0')).toEqual(parseColour('120 0 0'))
  })
  it('that are not known name words that come near', () => {
    const unknown = parseColourOrWord('olivine')
    expect(unknown).toMatchObject({ ok: false, error: { code: 'not-a-colour' } })
    if (!unknown.ok) expect(unknown.error.message).toContain('olive')
    expect(parseColourOrWord('').ok).toBe(false)
    expect(wordsLike('slate')).toEqual(['slate', 'wet slate'])
  })
})
