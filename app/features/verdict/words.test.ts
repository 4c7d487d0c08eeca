import type { Assessment, Twins } from '@juxtachrome/core/choosing'
import { describe, expect, it } from 'vitest'
import { briefInWords, targetsInWords, wishInWords, withPaint, withWish } from './briefWords'
import * as say from './words'

const nameOf = (id: string) => id
const figures = (one: number, two: number, three: number) => ({ one, two, three, reach: three, worth: three })
const bare: Assessment = {
  planned: 3,
  measured: 2,
  left: [],
  conflicts: [],
  counts: [],
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

  it('what it can do is one sentence without figures, before and after it is known', () => {
    expect(say.reachInWords(bare)).toBe('Working out what 3 paints mix …')
    expect(say.reachInWords({ ...bare, planned: 0 })).toMatch(/^Nothing is planned yet\./)
    const known = { ...bare, reach: figures(0.2, 0.5, 0.75), whole: figures(0.5, 0.9, 0.9) }
    expect(say.reachInWords(known)).toBe('Mixes most of what you want for sea and sky, much of it from two paints.')
    expect(say.wholeInWords(known)).toBe('Your whole collection mixes most of it.')
    expect(say.wholeInWords({ ...known, whole: known.reach })).toBe('')
    const everything = { ...bare.tables[0]!, name: 'everything the collection can mix' }
    expect(say.reachInWords({ ...known, tables: [everything], reach: figures(0.1, 0.9, 0.96) })).toBe(
      'Mixes nearly everything your whole collection can, most of it from two paints.',
    )
    expect(say.reachInWords({ ...known, most: 1, reach: figures(0.3, 0.3, 0.3) })).toBe(
      'Mixes less than half of what you want for sea and sky, without mixing.',
    )
    expect(say.reachInWords({ ...known, reach: figures(0, 0, 0) })).toBe('Mixes nothing you want for sea and sky.')
    for (const share of [0, 0.1, 0.3, 0.6, 0.8, 0.95, 1])
      expect(say.reachInWords({ ...known, reach: figures(share / 2, share, share) })).not.toMatch(/\d/)
  })

  it('gaps, with what would help, or none owned; figures only where they are asked for', () => {
    const remedy = { paintId: 'Lemon yellow', reach: 0.031, worth: 0.04 }
    const cool = { kind: 'cool yellow', remedy } as const
    expect(say.gapInWords(cool, nameOf)).toBe('No yellow here leans green. Lemon yellow would give a cool one.')
    expect(say.gapInFigures(cool)).toBe('It would add 3.1 % to what is mixed.')
    expect(say.gapInWords({ kind: 'earth' }, nameOf)).toBe(
      'There is no earth. You own nothing lasting that would give one.',
    )
    const dark = { kind: 'deep dark', has: 31.4 } as const
    expect(say.gapInWords(dark, nameOf)).toBe(
      'There is no deep dark. The darkest it gives is a fairly dark grey. You own nothing lasting that would give one.',
    )
    expect(say.gapInFigures(dark)).toBe('The darkest value is L* 31.')
    const green = { kind: 'clean green', has: 43, could: 63, remedy } as const
    expect(say.gapInWords(green, nameOf)).toBe('Your greens will be dull. Lemon yellow would give bright ones.')
    expect(say.gapInFigures(green)).toBe(
      'Chroma C* reaches 43; your whole collection mixes 63. It would add 3.1 % to what is mixed.',
    )
    expect(say.gapInWords({ kind: 'clean violet', has: 0, could: 63 }, nameOf)).toMatch(
      /^Nothing here mixes a violet\./,
    )
  })

  it('a remedy of two, and gaps that are no more than a line', () => {
    const remedy = { paintId: 'rose', reach: 0, worth: 0 }
    expect(say.gapInWords({ kind: 'clean violet', has: 20, could: 40, remedy, also: 'ultramarine' }, nameOf)).toBe(
      'Your violets will be dull. rose and ultramarine together would give bright ones.',
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
    ).toEqual(['Missing, but not needed for this: clean violet, cool red.', 'You do without: warm red.'])
  })

  it('twins that part in mixtures are told from those that do not', () => {
    const twins = { paintIds: ['a', 'b'], placeIds: ['A1', 'A2'], alone: 2.1, mixedWith: 'c' }
    const of = (mixed: number) => ({ ...twins, paintIds: ['a', 'b'], placeIds: ['A1', 'A2'], mixed }) as Twins
    expect(say.twinsInWords(of(2), nameOf)).toBe('a and b are nearly the same, in mixtures, too.')
    expect(say.twinsInWords(of(9), nameOf)).toBe('a and b are nearly the same, but part in mixtures with c.')
    expect(say.twinsInWords({ ...of(2), pigments: ['PB29'] }, nameOf)).toContain('from the same pigment')
    expect(say.twinsInFigures(of(9))).toBe('Alone they differ by 2.1, in mixtures by 9.0 at most.')
  })

  it('what the rest mixes says in whole sentences what the mixture does otherwise', () => {
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
      unlike: [
        'smooth, not granulating',
        'stains a little, not lifts well',
        'fades sooner: lightfastness good, not excellent',
        'goes less dark: L* 40, not 30',
      ],
    }
    expect(say.spareInWords(spare, nameOf)).toBe(
      'You would hardly miss violet: rose and blue mix it. It is smooth, not granulating. It stains a little. It fades sooner. It goes less dark.',
    )
    expect(say.spareInFigures(spare)).toBe('3 : 1, visible, 2.2.')
    const one = { ...spare, recipe: { paints: [{ id: 'rose', parts: 1 }], water: 6 }, unlike: [] }
    expect(say.spareInWords(one, nameOf)).toBe('You would hardly miss violet: rose is nearly the same.')
  })

  it('greys: all, none, some', () => {
    const best = (...ids: string[]) => ({ paints: ids.map((id) => ({ id, parts: 1 })), L: 20, C: 3 })
    const words = (...list: NonNullable<Assessment['neutrals']>) =>
      say.neutralsInWords({ ...bare, neutrals: list }, nameOf)
    expect(words({ paintId: 'a', best: best('a', 'b') }, { paintId: 'b', best: best('b', 'a') })).toBe(
      'Greys: a with b.',
    )
    expect(words({ paintId: 'a' })).toBe('No two of these colours mix to a grey.')
    expect(words({ paintId: 'a', best: best('a', 'b') }, { paintId: 'c' })).toBe(
      'Greys: a with b. c has no partner that greys it.',
    )
    expect(words()).toBe('No colours yet that would want a partner to grey them.')
  })

  it('the least and the most missed; a crowd says what could go', () => {
    const place = (paintId: string, reach: number) => ({ paintId, placeId: paintId, reach, worth: reach, twice: false })
    const brings = [place('a', 0.001), place('b', 0.1)]
    expect(say.bringsInWords({ ...bare, brings }, nameOf)).toBe(
      'You would hardly miss a: the others mix what it does. You would miss b most.',
    )
    expect(say.bringsInWords({ ...bare, brings: [place('a', 0.05), place('b', 0.1)] }, nameOf)).toMatch(
      /^You would miss a least\./,
    )
    const lastEarth = [{ ...brings[0]!, only: ['a yellow earth'] }, place('c', 0.002), brings[1]!]
    expect(say.bringsInWords({ ...bare, brings: lastEarth }, nameOf)).toMatch(/^You would hardly miss c:/)
    expect(say.bringsInWords({ ...bare, brings: brings.slice(1) }, nameOf)).toBe('It all rests on b.')
    const missed = (placeId: string, of: typeof brings) => say.missedInWords({ ...bare, brings: of }, placeId)
    expect(missed('a', lastEarth)).toBe('Here it is the only yellow earth.')
    expect(missed('c', lastEarth)).toBe('You would hardly miss it: the others mix what it does.')
    expect(missed('b', lastEarth)).toBe('You would miss it most.')
    expect(missed('a', brings)).toBe('')
    const crowd = { family: 'green', out: ['x', 'y'], count: 7, share: 0.58, wanted: 0.2 }
    expect(say.crowdInWords(crowd, 12, nameOf)).toBe(
      '7 green paints of 12, more than you have use for. You would miss x and y least.',
    )
  })

  it('a scale is counted, what is assumed and what is not known is said', () => {
    const tally = { words: [{ word: 'excellent', count: 8, assumed: 2 }], unknown: 1 }
    expect(say.tallyInWords(tally)).toBe('8 excellent, 1 not known (2 assumed from codes)')
    expect(say.tallyInWords({ words: [], unknown: 0 })).toBe('nothing known')
    expect(say.surenessInWords(bare)).toContain('your own swatches of 2 of 3 paints')
    expect(say.surenessInWords({ ...bare, measured: 3, over: 12 })).toContain(
      '12 paints of your collection are too many',
    )
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

  it('a whole brief is one line', () => {
    expect(briefInWords(undefined)).toBe('For everything the collection mixes.')
    expect(
      briefInWords({
        targets: [
          { kind: 'subject', subject: 'sea', weight: 1 },
          { kind: 'subject', subject: 'snow', weight: 1 },
        ],
        wishes: [
          { wish: 'lightfastness', value: 'very good', hard: true },
          { wish: 'transparency', value: 'transparent', hard: false },
        ],
        mustIn: ['a', 'b'],
      }),
    ).toBe(
      'For sea and sky and snow; lightfastness very good at least (a must); transparent only; 2 paints must be in.',
    )
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
