import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { paint as bare } from '../../documents/documents.fixture'
import type { Paint } from '../../documents/paint'
import { GuideState } from '../../documents/guide'
import { viewOfPaint } from '../../paints/view'
import { callsOfGuide, leavingOpen, passing, taking } from './progress'
import { rankCall, type RankContext } from './rank'
import { READY_METHODS } from './readyMethods'
import { METHODS } from './index'
import { wantsOf } from './shorthand'
import { sketchOf } from './sketch'
import { wheelSteps } from './wheel'
import { SUBJECTS } from '../../reach/subjects'

const paint = (code: string, more: Partial<Paint> = {}) =>
  bare(code, { maker: 'Halvard & Roe', pigments: [code], ...more })
const DRAWER = [
  'PY3',
  'PY65',
  'PY42',
  'PO71',
  'PR254',
  'PV19',
  'PV23',
  'PB29',
  'PB15:3',
  'PG7',
  'PBr7',
  'PR101',
  'PBk6',
  'PW6',
].map((c) => paint(c))
const context = (more: Partial<RankContext> = {}): RankContext => ({
  planned: [],
  evidence: () => ({ items: 1, palettes: 0, supply: { level: 3 } }),
  ...more,
})
const callOf = (words: string) => ({ id: 'c', words, quota: 1, wants: wantsOf(words) })
const answered = (words: string, more?: Partial<RankContext>, drawer = DRAWER) =>
  rankCall(callOf(words), drawer, context(more))
    .filter((c) => c.answers)
    .map((c) => c.paintId)

describe('a call', () => {
  // common practice, no source
  it.each([
    ['cool yellow', ['PY3']],
    ['warm yellow', ['PY65']],
    ['blue leaning violet', ['PB29']],
    ['blue leaning green', ['PB15:3']],
    ['yellow earth', ['PY42']],
    ['warm red', ['PR254']],
  ])('for %s is answered by %s', (words, ids) => {
    expect(answered(words).sort()).toEqual([...ids].sort())
  })
  it('for a dark is answered by what is dark at masstone, for a white by white', () => {
    expect(answered('dark')).toEqual(expect.arrayContaining(['PBk6', 'PV23', 'PB15:3']))
    expect(answered('dark')).not.toContain('PY3')
    expect(answered('white')).toEqual(['PW6'])
  })
  it('that nobody answers names those that come nearest, and what they are instead', () => {
    const found = rankCall(
      callOf('cool yellow'),
      DRAWER.filter((p) => p.id !== 'PY3'),
      context(),
    )
    expect(found.every((c) => !c.answers)).toBe(true)
    expect(found[0]).toMatchObject({ paintId: 'PY65' })
    expect(found[0]!.reasons[0]).toMatch(/warm/)
    expect(rankCall(callOf('violet'), [paint('PY3')], context())[0]!.reasons[0]).toBe('is a yellow')
    expect(rankCall(callOf('violet'), [], context())).toEqual([])
  })
  it('for anything is answered by every paint that is not in', () => {
    expect(answered('what you would not do without', { planned: [DRAWER[0]!] })).toHaveLength(DRAWER.length - 1)
  })
  it('ranks two tubes, one pigment and what brings most before others, and a fugitive paint last', () => {
    const three = [
      paint('PV19'),
      paint('PV19', { id: 'two tubes' }),
      paint('PR83', { id: 'fugitive', lightfastness: 'fugitive' }),
    ]
    const order = rankCall(
      callOf('rose or red or violet'),
      three,
      context({ evidence: (id) => ({ items: id === 'two tubes' ? 2 : 1, palettes: 0, supply: { level: 3 } }) }),
    )
    expect(order.map((c) => c.paintId)).toEqual(['two tubes', 'PV19', 'fugitive'])
    expect(order[0]!.reasons).toContain('2 tubes or pans owned')
    const gains = new Map([['PV19', { paintId: 'PV19', reach: 0.2, worth: 0.2 }]])
    const [first] = rankCall(callOf('rose or red or violet'), three, context({ gains, planned: [paint('PB29')] }))
    expect(first!.reasons).toContain('brings 20.0 %')
    // one paint alone brings nothing that means anything
    expect(rankCall(callOf('rose or red or violet'), three, context({ gains }))[0]!.reasons.join()).not.toContain(
      'brings',
    )
  })
  it('calls a convenience what brings nothing that the others do not mix', () => {
    const planned = ['PB29', 'PV19', 'PY65'].map((c) => paint(c))
    const gains = new Map([['PV23', { paintId: 'PV23', reach: 0, worth: 0.01 }]])
    const [violet] = rankCall(callOf('violet'), [paint('PV23')], context({ planned, gains }))
    expect(violet!.reasons).toContain('a convenience: what is in mixes its colours')
  })
  it('puts behind what the brief rules out', () => {
    const brief = { wishes: [{ wish: 'transparency', value: 'transparent', hard: true }] }
    const two = [
      paint('PY35', { id: 'opaque', transparency: 'opaque' }),
      paint('PY3', { id: 'clear', transparency: 'transparent' }),
    ]
    const order = rankCall(callOf('yellow'), two, context({ brief }))
    expect(order.map((c) => [c.paintId, c.fit.word])).toEqual([
      ['clear', 'fits'],
      ['opaque', 'ruled out'],
    ])
  })
})

describe('the ways', () => {
  it('never call for more paints than there are places, and make sound guides', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...METHODS.filter((w) => w.id !== 'four of each')),
        fc.integer({ min: 1, max: 60 }),
        (way, places) => {
          const calls = way.calls({ places })
          expect(calls.reduce((sum, c) => sum + c.quota, 0)).toBe(places)
          expect(new Set(calls.map((c) => c.id)).size).toBe(calls.length)
          expect(GuideState.safeParse({ way: way.id, name: way.name, calls, said: [] }).success).toBe(true)
        },
      ),
    )
  })
  it('round the wheel: twelve steps without a gap or an overlap, from yellow round through red', () => {
    const way = METHODS.find((w) => w.id === 'wheel')!
    const steps = way.calls({ places: 12 })
    expect(wheelSteps().map((s) => s.words)).toEqual([
      ...['yellow', 'yellow orange', 'orange', 'orange red', 'red', 'red violet'],
      ...['violet', 'violet blue', 'blue', 'blue green', 'green', 'green yellow'],
    ])
    const width = steps.reduce((sum, s) => sum + ((s.wants[0]!.hue!.to - s.wants[0]!.hue!.from + 360) % 360), 0)
    expect(width).toBeCloseTo(360, 6)
    steps.forEach((s, i) => expect(s.wants[0]!.hue!.from).toBeCloseTo(steps[(i + 1) % 12]!.wants[0]!.hue!.to, 6))
  })
  it('four of each is a table of six families by four', () => {
    const calls = METHODS.find((w) => w.id === 'four of each')!.calls({ places: 6 })
    expect(calls).toHaveLength(24)
    expect(calls.filter((c) => c.words.startsWith('yellow'))).toHaveLength(4)
    const dark = calls.find((c) => c.id === 'yellow-dark')!
    const deep = rankCall(dark, [paint('PY150'), paint('PY3')], context())
    expect(deep.filter((c) => c.answers).every((c) => viewOfPaint(paint(c.paintId)).masstone!.L < 66)).toBe(true)
  })
  it('the print triad wants single pigments', () => {
    const cyan = METHODS.find((w) => w.id === 'print triad')!.calls({ places: 3 })[0]!
    const mixed = paint('PB15:3', { id: 'mixed', pigments: ['PB15:3', 'PW6'] })
    const order = rankCall(cyan, [mixed, paint('PB15:3')], context())
    expect(order.filter((c) => c.answers).map((c) => c.paintId)).toEqual(['PB15:3'])
  })
  it('split primaries name a rose among the cool reds', () => {
    const calls = METHODS.find((w) => w.id === 'split primaries')!.calls({ places: 6 })
    const cool = calls.find((c) => c.id === 'red-cool')!
    expect(rankCall(cool, [paint('PV19'), paint('PR254')], context()).filter((c) => c.answers)[0]!.paintId).toBe('PV19')
  })
})

describe('ready-made guides', () => {
  it('are two dozen, fill just the places they are for, and every call asks for something', () => {
    expect(READY_METHODS.length).toBe(24)
    expect(new Set(READY_METHODS.map((g) => g.id)).size).toBe(24)
    for (const { id, places, calls, subject } of READY_METHODS) {
      expect(
        calls.reduce((sum, c) => sum + c.quota, 0),
        id,
      ).toBe(places)
      expect(
        calls.every((c) => c.wants.length > 0),
        id,
      ).toBe(true)
      if (subject) expect(SUBJECTS, id).toContain(subject)
    }
  })
})

describe('what was said to a guide', () => {
  const guide: GuideState = {
    way: 'rounds',
    name: 'Rounds',
    calls: [
      { id: 'one', words: 'yellow', quota: 2, wants: wantsOf('yellow') },
      { id: 'two', words: 'blue', quota: 1, wants: wantsOf('blue') },
    ],
    said: [],
  }
  it('counts what is still in the palette only', () => {
    const said = taking(taking(guide, 'one', 'a'), 'one', 'b')
    expect(callsOfGuide(said, [paint('PY3', { id: 'a' }), paint('PY65', { id: 'b' })])[0]).toMatchObject({
      took: ['a', 'b'],
      isDone: true,
    })
    expect(callsOfGuide(said, [paint('PY65', { id: 'b' })])[0]).toMatchObject({ took: ['b'], isDone: false })
  })
  it('counts what came in otherwise, each paint for one call, and none for a call for anything', () => {
    const codes = ['PY3', 'PB29', 'PY65', 'PY42', 'PB15:3']
    const here = codes.map((code) => paint(code))
    const more = { ...guide, calls: [...guide.calls, { id: 'three', words: 'loved', quota: 9, wants: [] }] }
    expect(callsOfGuide(more, here).map((c) => [...c.took].sort())).toEqual([
      ['PY3', 'PY65'],
      [expect.stringMatching(/PB29|PB15:3/)],
      [],
    ])
    // what was taken for a call is not counted for another
    const loved = taking(more, 'three', 'PY3')
    expect(callsOfGuide(loved, here).map((c) => c.took)).toEqual([['PY65'], [expect.stringMatching(/PB/)], ['PY3']])
    // of several that answer, the one that shows the colour most
    const dull = paint('PY42', { id: 'dull', family: 'yellow' })
    expect(callsOfGuide(guide, [dull, paint('PY65'), paint('PY3')])[0]!.took).not.toContain('dull')
  })
  it('a paint that is taken after all was not passed; what is left open is done', () => {
    const said = taking(passing(guide, 'one', 'a'), 'one', 'a')
    expect(callsOfGuide(said, [paint('PY3', { id: 'a' })])[0]).toMatchObject({ took: ['a'], passed: [] })
    expect(callsOfGuide(leavingOpen(guide, 'two', true), [])[1]).toMatchObject({ isDone: true, left: true })
  })
  it('stays a sound guide, whatever ids it names', () => {
    const said = passing(taking(guide, 'one', 'constructor'), '__proto__', 'a')
    expect(GuideState.safeParse(said).success).toBe(true)
    expect(callsOfGuide(said, [paint('PY3', { id: 'constructor' })])[0]!.took).toEqual(['constructor'])
  })
})

describe('a picture of a method from a drawer', () => {
  const sketch = (words: readonly string[], drawer = DRAWER) =>
    sketchOf(
      words.map((w, i) => ({ ...callOf(w), id: `c${i}` })),
      drawer,
      { evidence: context().evidence },
    ).map((p) => p.id)

  it('takes the first answer to each call, none twice, and nothing where nobody answers', () => {
    expect(sketch(['cool yellow', 'warm red', 'blue leaning violet'])).toEqual(['PY3', 'PR254', 'PB29'])
    expect(sketch(['white', 'white'])).toEqual(['PW6'])
    expect(sketch(['cool yellow'], [paint('PB29')])).toEqual([])
  })

  it('is what ranking says call by call, for every method', () => {
    for (const way of METHODS) {
      const calls = way.calls({ places: 12 })
      const ids = sketchOf(calls, DRAWER, { evidence: context().evidence }).map((p) => p.id)
      expect(new Set(ids).size, way.name).toBe(ids.length)
      expect(ids.length, way.name).toBeLessThanOrEqual(calls.reduce((n, c) => n + c.quota, 0))
      expect(ids.length, way.name).toBeGreaterThan(2)
    }
  })
})
