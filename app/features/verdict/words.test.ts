import type { Assessment } from '@juxtachrome/core/choosing'
import { describe, expect, it } from 'vitest'
import { targetsInWords, wishInWords, withPaint, withWish } from './briefWords'
import * as say from './words'

const nameOf = (id: string) => id
const figures = (one: number, two: number, three: number) => ({ one, two, three, reach: three, worth: three })
const bare: Assessment = {
  planned: 3,
  measured: 2,
  left: [],
  conflicts: [],
  misfits: [],
  near: 5,
  most: 3,
  tables: [{ name: 'sea and sky', weight: 1, palette: figures(0.2, 0.5, 0.75) }],
  needs: [],
}

describe('the verdict in words', () => {
  it('shares are whole percent, small ones to a tenth', () => {
    expect([0, 0.004, 0.126, 1].map(say.percent)).toEqual(['0 %', '0.4 %', '13 %', '100 %'])
    expect(say.points(0.0449)).toBe('4.5 %')
  })

  it('reach and effort, before and after they are known', () => {
    expect(say.reachInWords(bare)).toBe('What it reaches is being worked out.')
    const known = { ...bare, reach: figures(0.2, 0.5, 0.75), whole: figures(0.5, 0.9, 0.9) }
    expect(say.reachInWords(known)).toBe(
      'Reaches 75 % of sea and sky, with at most three paints; the whole collection 90 %.',
    )
    expect(say.effortInWords(known)).toBe('Of that 27 % straight from the pan, 40 % by two paints, 33 % by three.')
    expect(say.effortInWords({ ...bare, reach: figures(0, 0, 0) })).toBe('Nothing to mix from yet.')
    expect(say.reachInWords({ ...known, most: 1, tables: [...bare.tables, ...bare.tables] })).toContain(
      'of its 2 sets of targets, with one paint',
    )
  })

  it('gaps, with what would help, or none owned', () => {
    const remedy = { paintId: 'Lemon yellow', reach: 0.031, worth: 0.04 }
    expect(say.gapInWords({ kind: 'cool yellow', remedy }, nameOf)).toBe(
      'No cool yellow. Lemon yellow would close it: +3.1 %.',
    )
    expect(say.gapInWords({ kind: 'earth' }, nameOf)).toBe('No earth. You own nothing lasting that would close it.')
    expect(say.gapInWords({ kind: 'deep dark', has: 31.4 }, nameOf)).toBe(
      'No deep dark: the lowest value reached is L* 31. You own nothing lasting that would close it.',
    )
    expect(say.gapInWords({ kind: 'clean green', has: 43, could: 63 }, nameOf)).toBe(
      'No clean green: C* 43 at best, the collection mixes 63. You own nothing lasting that would close it.',
    )
    expect(say.gapInWords({ kind: 'clean violet', has: 0, could: 63 }, nameOf)).toBe(
      'No violet at all; the collection mixes C* 63. You own nothing lasting that would close it.',
    )
    expect(say.gapInWords({ kind: 'something smooth' }, nameOf)).toBe(
      'Nothing smooth. You own nothing lasting that would close it.',
    )
  })

  it('a remedy of two, and gaps that are no more than a line', () => {
    const remedy = { paintId: 'rose', reach: 0, worth: 0 }
    expect(say.gapInWords({ kind: 'clean violet', has: 20, could: 40, remedy, also: 'ultramarine' }, nameOf)).toBe(
      'No clean violet: C* 20 at best, the collection mixes 40. rose and ultramarine together would close it.',
    )
    expect(
      say
        .quietGapsInWords([
          { kind: 'clean violet', quiet: 'not needed' },
          { kind: 'earth' },
          { kind: 'warm red', quiet: 'without' },
          { kind: 'cool red', quiet: 'not needed' },
        ])
        .map((q) => q.words),
    ).toEqual(['Not needed for this: clean violet, cool red.', 'You do without: warm red.'])
  })

  it('twins that part in mixtures are told from those that do not', () => {
    const twins = { paintIds: ['a', 'b'], placeIds: ['A1', 'A2'], alone: 2.1 } as const
    const words = (mixed: number) =>
      say.twinsInWords({ ...twins, paintIds: ['a', 'b'], placeIds: ['A1', 'A2'], mixed, mixedWith: 'c' }, nameOf)
    expect(words(2)).toContain('In mixtures they stay as near: 2.0 at most.')
    expect(words(9)).toContain('In mixtures they part: 9.0 with c.')
  })

  it('what the rest mixes says what it would not do', () => {
    const spare = {
      paintId: 'violet',
      placeId: 'A3',
      recipe: {
        paints: [
          { id: 'rose', parts: 3 },
          { id: 'blue', parts: 1 },
        ],
        water: 6,
      },
      difference: 2.2,
      unlike: ['smooth, not granulating'],
    }
    expect(say.spareInWords(spare, nameOf)).toMatch(
      /^violet \(A3\) is mixed by 3 rose \+ 1 blue: .+, 2\.2\. It would be smooth, not granulating\.$/,
    )
  })

  it('neutralisers: all, none, some', () => {
    const best = { paints: [], L: 20, C: 3 }
    const words = (...list: NonNullable<Assessment['neutrals']>) =>
      say.neutralsInWords({ ...bare, neutrals: list }, nameOf)
    expect(words({ paintId: 'a', best })).toBe('Every colour has a neutraliser here.')
    expect(words({ paintId: 'a' })).toBe('No two of these colours mix to grey.')
    expect(words({ paintId: 'a', best }, { paintId: 'b' })).toBe('1 colour of 2 has a neutraliser; without one: b.')
    expect(words()).toBe('No colours yet that would want a neutraliser.')
  })

  it('a scale is counted, what is assumed and what is not known is said', () => {
    const tally = { words: [{ word: 'excellent', count: 8, assumed: 2 }], unknown: 1 }
    expect(say.tallyInWords(tally)).toBe('8 excellent, 1 not known (2 assumed from codes)')
    expect(say.tallyInWords({ words: [], unknown: 0 })).toBe('nothing known')
    expect(say.surenessInWords(bare)).toContain('2 of 3 paints by own swatches')
    expect(say.surenessInWords({ ...bare, measured: 3, over: 12 })).toContain('12 paints are left out')
  })
})

describe('the brief in words', () => {
  it('wishes, targets, and what a newer version asks', () => {
    expect(wishInWords({ wish: 'lightfastness', value: 'very good', hard: true })).toBe(
      'Lightfastness at least: very good, a must',
    )
    expect(wishInWords({ wish: 'brightness', value: 'first', hard: true })).toBe('Brightness: bright ones first')
    expect(wishInWords({ wish: 'weight', value: 'x', hard: true })).toBe('weight (from a newer version)')
    expect(targetsInWords([])).toBe('everything')
    expect(
      targetsInWords([
        { kind: 'subject', subject: 'snow', weight: 1 },
        { kind: 'everything', weight: 1 },
      ]),
    ).toBe('snow and 1 more')
  })

  it('one wish of a kind, one mention of a paint', () => {
    const wish = { wish: 'vegan', value: 'recorded', hard: false }
    const once = withWish(undefined, 'vegan', wish)
    expect(withWish(once, 'vegan', { ...wish, hard: true }).wishes).toEqual([{ ...wish, hard: true }])
    expect(withWish(once, 'vegan', undefined).wishes).toEqual([])
    expect(withPaint(withPaint({}, 'mustIn', 'a', true), 'mustIn', 'a', true).mustIn).toEqual(['a'])
    expect(withPaint({ mustIn: ['a'] }, 'mustIn', 'a', false).mustIn).toEqual([])
  })
})
