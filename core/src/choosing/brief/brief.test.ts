import { describe, expect, it } from 'vitest'
import type { Brief, BriefCount } from '../../documents/brief'
import { paint } from '../../documents/documents.fixture'
import { conflictsOf } from './conflicts'
import { countInWords, countsMissed } from './counts'
import { fitOf } from './fit'
import { WISHES, wishOf } from './wishes'

const ultramarine = paint('ultramarine', { pigments: ['PB29'], granulation: 'granulating', staining: 'lifts well' })
const phthalo = paint('phthalo', { pigments: ['PB15:3'], staining: 'stains strongly', transparency: 'transparent' })
const cadmium = paint('cadmium', { pigments: ['PR108'], transparency: 'opaque' })
const mixed = paint('mixed', { pigments: ['PB29', 'PG7'] })
const nameless = paint('nameless')
const ALL = [ultramarine, phthalo, cadmium, mixed, nameless]
const asks = (wish: string, value: string, hard = true): Brief => ({ wishes: [{ wish, value, hard }] })
const word = (p: typeof ultramarine, brief: Brief, palette = [ultramarine]) => fitOf(p, brief, { palette }).word

describe('how many of a kind', () => {
  const three: BriefCount = { bound: 'least', count: 3, trait: 'transparent', family: 'blue', hard: true }
  it('is said as one says it', () => {
    expect(countInWords(three)).toBe('at least 3 transparent blues')
    expect(countInWords({ bound: 'least', count: 'half', trait: 'granulating' })).toBe('mostly granulating paints')
    expect(countInWords({ bound: 'most', count: 0, trait: 'opaque' })).toBe('no opaque paint')
    expect(countInWords({ bound: 'most', count: 1, family: 'green' })).toBe('at most 1 green')
    expect(countInWords({ bound: 'most', count: 'half', trait: 'staining' })).toBe('no more than half staining paints')
  })
  it('counts only what is known, and says what is missing', () => {
    expect(countsMissed([three], ALL)).toEqual([{ count: three, paintIds: ['ultramarine', 'phthalo'], wanted: 3 }])
    expect(countsMissed([{ ...three, count: 1 }], ALL)).toEqual([])
    const mostly: BriefCount = { bound: 'least', count: 'half', trait: 'single-pigment', hard: false }
    expect(countsMissed([mostly], ALL)).toEqual([])
    expect(countsMissed([mostly], [mixed, ultramarine])).toHaveLength(1)
    expect(countsMissed([three], [])).toEqual([])
  })
  it('that cannot be had is a conflict with what to give up', () => {
    const question = { places: 12, paints: ALL, planned: [] }
    const [conflict] = conflictsOf({ ...question, brief: { counts: [three] } })
    expect(conflict!.message).toBe('You ask for at least 3 transparent blues, and own 2.')
    expect(conflict!.relax[0]!.brief.counts).toEqual([{ ...three, hard: false }])
    expect(conflictsOf({ ...question, brief: { counts: [{ ...three, hard: false }] } })).toEqual([])
    expect(conflictsOf({ ...question, brief: { counts: [{ ...three, count: 1 }] } })).toEqual([])
  })
})

describe('how a paint fits a brief', () => {
  it('without a brief everything fits', () => {
    expect(fitOf(cadmium, undefined, { palette: [] })).toEqual({ word: 'fits', reasons: [] })
  })

  it.each([
    ['transparency', 'transparent', cadmium, 'ruled out'],
    ['transparency', 'transparent', phthalo, 'fits'],
    ['transparency', 'transparent', nameless, 'not sure'],
    ['pigments', 'single', mixed, 'ruled out'],
    ['pigments', 'partner', mixed, 'fits'],
    ['lightfastness', 'excellent', paint('x', { lightfastness: 'very good' }), 'ruled out'],
    ['lightfastness', 'very good', paint('x', { lightfastness: 'very good' }), 'fits'],
    ['staining', 'lifts', phthalo, 'ruled out'],
    ['staining', 'stains', phthalo, 'fits'],
    ['granulation', 'liked', ultramarine, 'fits'],
    ['granulation', 'disliked', ultramarine, 'ruled out'],
    ['caution', 'mild', cadmium, 'ruled out'],
    ['caution', 'child', cadmium, 'ruled out'],
    ['vegan', 'recorded', paint('x', { vegan: false }), 'ruled out'],
    ['vegan', 'recorded', nameless, 'not sure'],
    ['rewetting', 'readily', nameless, 'not sure'],
  ] as const)('%s %s of %o', (wish, value, of, expected) => {
    expect(word(of, asks(wish, value))).toBe(expected)
  })

  it('a partner must be on the palette; makers are few where few are planned', () => {
    expect(word(mixed, asks('pigments', 'partner'), [phthalo])).toBe('ruled out')
    const other = paint('o', { maker: 'Other' })
    expect(word(other, asks('makers', '1'), [ultramarine])).toBe('ruled out')
    expect(word(other, asks('makers', '2'), [ultramarine])).toBe('fits')
  })

  // common practice, no source
  it.each([
    ['cadmium', 'none', 'PR108', 'ruled out'],
    ['cadmium', 'none', 'PY37', 'ruled out'],
    ['cadmium', 'none', 'PR254', 'fits'],
    ['cobalt', 'none', 'PB28', 'ruled out'],
    ['cobalt', 'none', 'PB29', 'fits'],
    ['lead', 'none', 'PY34', 'ruled out'],
    ['nickel', 'none', 'PY150', 'ruled out'],
    ['black', 'none', 'PBk9', 'ruled out'],
    ['black', 'none', 'PBk31', 'fits'],
    ['black', 'nowhere', 'PBk9', 'ruled out'],
    ['white', 'none', 'PW6', 'ruled out'],
    ['white', 'none', 'PY3', 'fits'],
  ])('no %s (%s): %s %s', (wish, value, code, word) => {
    const brief = { wishes: [{ wish, value, hard: true }] }
    expect(fitOf(paint(code, { pigments: [code] }), brief, { palette: [] }).word).toBe(word)
  })
  it('no black, not in mixtures either, rules out a grey with one in it', () => {
    const brief = (value: string) => ({ wishes: [{ wish: 'black', value, hard: true }] })
    const grey = paint('grey', { pigments: ['PB29', 'PBk6'], name: "Payne's grey" })
    expect(fitOf(grey, brief('nowhere'), { palette: [] }).word).toBe('ruled out')
    expect(fitOf(grey, brief('none'), { palette: [] }).word).toBe('fits')
  })

  it('a soft wish is against, not out; a preference never rules out; nothing unknown counts as fine', () => {
    expect(word(cadmium, asks('transparency', 'transparent', false))).toBe('against a wish')
    expect(word(mixed, asks('convenience', 'mix', true))).toBe('against a wish')
    for (const { id, options } of WISHES)
      for (const { value } of options)
        if (!['makers', 'darks', 'opaque', 'convenience'].includes(id))
          expect(fitOf(nameless, asks(id, value), { palette: [] }).word, `${id} ${value}`).toBe('not sure')
    expect(wishOf('nothing')).toBeUndefined()
    expect(word(cadmium, asks('of another version', 'x'))).toBe('fits')
  })

  it('what must be in, stays out, is used up or spared is said', () => {
    const brief: Brief = { mustIn: ['cadmium'], stayOut: ['phthalo'], useUp: ['mixed'], spare: ['ultramarine'] }
    expect(ALL.map((p) => word(p, brief))).toEqual(['spared', 'ruled out', 'must be in', 'use up', 'fits'])
  })
})

describe('what of a brief cannot be had together', () => {
  const ask = (brief: Brief, places = 12) => conflictsOf({ brief, places, paints: ALL, planned: [] })

  it('in and out at once; more than there are places; a paint that is gone', () => {
    const [both] = ask({ mustIn: ['cadmium'], stayOut: ['cadmium'] })
    expect(both!.message).toBe('cadmium must be in and must stay out.')
    expect(both!.relax.map((r) => r.brief)).toEqual([
      { mustIn: ['cadmium'], stayOut: [] },
      { mustIn: [], stayOut: ['cadmium'] },
    ])
    const [many] = ask({ mustIn: ['cadmium', 'phthalo', 'mixed'] }, 2)
    expect(many!.message).toBe('3 paints must be in, and there are 2 places.')
    expect(many!.relax[0]!.brief.mustIn).toEqual(['cadmium', 'phthalo'])
    expect(ask({ mustIn: ['gone'] })[0]!.message).toBe('1 paint that must be in is no longer in the collection.')
  })

  it('a must-have that a hard wish rules out, and wishes that leave nothing', () => {
    const [against] = ask({ mustIn: ['cadmium'], ...asks('transparency', 'transparent') })
    expect(against!.message).toContain('cadmium must be in, but')
    expect(against!.relax[1]!.brief.wishes![0]!.hard).toBe(false)
    const nothing = conflictsOf({
      brief: asks('transparency', 'transparent'),
      places: 12,
      paints: [cadmium],
      planned: [],
    })
    expect(nothing[0]!.message).toBe('No paint of the collection meets “Transparency”.')
    expect(nothing[0]!.relax[0]!.words).toBe('Transparency as a wish only (1 paint then)')
    expect(conflictsOf({ brief: nothing[0]!.relax[0]!.brief, places: 12, paints: [cadmium], planned: [] })).toEqual([])
  })

  it('a sound brief has none', () => {
    expect(ask({ mustIn: ['cadmium'], ...asks('granulation', 'liked', false) })).toEqual([])
  })
})
