import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../../arranging/holders'
import type { Brief } from '../../documents/brief'
import { paint } from '../../documents/documents.fixture'
import type { Paint } from '../../documents/paint'
import type { Palette } from '../../documents/palette'
import { toTheEnd } from '../../steps'
import { assessPalette, type AssessQuestion } from './assess'
import type { Assessment } from './assessment'
import { runs } from '../../../../tests/setup/runs'

/** A collection by code, as a beginner's drawer holds it. */
const CODES: Record<string, string> = {
  lemon: 'PY3',
  'new gamboge': 'PY65',
  'pyrrole red': 'PR254',
  rose: 'PV19',
  ultramarine: 'PB29',
  'phthalo blue': 'PB15:3',
  'phthalo green': 'PG7',
  'burnt sienna': 'PBr7',
  'yellow ochre': 'PY42',
  'dioxazine violet': 'PV23',
  'lamp black': 'PBk6',
  cerulean: 'PB35',
  viridian: 'PG18',
}
const COLLECTION: Paint[] = Object.entries(CODES).map(([id, code]) =>
  paint(id, {
    pigments: [code],
    ...(code === 'PBr7' ? { variants: { PBr7: 'burnt sienna' } } : {}),
    ...(code === 'PV19' ? { variants: { PV19: 'rose' } } : {}),
  }),
)
const tray = HOLDERS.find((h) => h.id === 'tin-24-half')!
function planned(ids: readonly string[], brief?: Brief): Palette {
  const plan = Object.fromEntries(ids.map((paintId, i) => [tray.places[i]!.id, { paintId }]))
  return { id: 'p', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: tray, plan, ...(brief ? { brief } : {}) }
}
const sea: Brief = { targets: [{ kind: 'subject', subject: 'sea', weight: 1 }] }
function assess(ids: readonly string[], brief?: Brief, more: Partial<AssessQuestion> = {}): Assessment {
  const result = toTheEnd(assessPalette({ palette: planned(ids, brief), paints: COLLECTION, complete: true, ...more }))
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}
const TRIAD = ['lemon', 'rose', 'phthalo blue']

describe('the verdict', () => {
  it('of a palette without paints, with one and with two: no failure, nothing claimed', () => {
    const none = assess([])
    expect(none).toMatchObject({ planned: 0, brings: [], neutrals: [], gaps: [], spares: [], twins: [] })
    expect(none.reach?.reach).toBe(0)
    expect(none.values).toEqual({ scale: [] })
    const one = assess(['ultramarine'])
    expect(one.reach!.one).toBeGreaterThan(0)
    expect(one.reach!.three).toBe(one.reach!.one)
    expect(one.neutrals).toEqual([{ paintId: 'ultramarine' }])
    expect(assess(['ultramarine', 'burnt sienna']).neutrals).toHaveLength(2)
  })

  it('a triad reaches far, less than the collection does; each of its paints is missed', () => {
    const { reach, whole, brings, map } = assess(TRIAD)
    expect(reach!.one).toBeLessThan(reach!.two)
    expect(reach!.two).toBeLessThan(reach!.three)
    expect(reach!.reach).toBeGreaterThan(0.35)
    expect(reach!.reach).toBeLessThan(whole!.reach)
    expect(whole!.reach).toBeCloseTo(1, 12)
    expect(brings!.every((b) => b.reach > 0.05)).toBe(true)
    const counts = [0, 1, 2, 3, 4].map((state) => map!.filter((s) => s === state).length)
    expect(counts[4]).toBeGreaterThan(0)
    expect((counts[1]! + counts[2]! + counts[3]!) / (1016 - counts[0]!)).toBeCloseTo(reach!.reach, 12)
  })

  it('fewer paints in a mixture reach less; a wider tolerance reaches more', () => {
    const by = (brief: Brief) => assess(TRIAD, { ...sea, ...brief }).reach!.reach
    expect(by({ most: 1 })).toBeLessThan(by({ most: 2 }))
    expect(by({ most: 2 })).toBeLessThanOrEqual(by({ most: 3 }))
    expect(by({ near: 3 })).toBeLessThan(by({ near: 8 }))
  })

  it('what a candidate is said to bring it brings, and the first of them most', () => {
    const before = assess(TRIAD, sea)
    expect(before.gains).toHaveLength(COLLECTION.length - 3)
    for (const { paintId, reach } of before.gains!.slice(0, 4)) {
      const after = assess([...TRIAD, paintId], sea)
      expect(after.reach!.reach - before.reach!.reach).toBeCloseTo(reach, 9)
    }
    const worths = before.gains!.map((g) => g.worth)
    expect(worths).toEqual([...worths].sort((p, q) => q - p))
  })

  it('what goes is missed by as much as was said, whatever the palette', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...Object.keys(CODES)), { minLength: 2, maxLength: 7 }), (ids) => {
        const whole = assess(ids, sea)
        const first = whole.brings![0]!
        const left = assess(
          ids.filter((id) => id !== first.paintId),
          sea,
        )
        expect(whole.reach!.reach - left.reach!.reach).toBeCloseTo(first.reach, 9)
      }),
      { numRuns: runs(8) },
    )
  })

  it('names the gaps as painters do, with the owned paint that closes each', () => {
    const { gaps } = assess(['new gamboge', 'pyrrole red', 'ultramarine', 'yellow ochre', 'dioxazine violet'])
    const kinds = gaps!.map((g) => g.kind)
    expect(kinds).toContain('cool yellow')
    expect(kinds).toContain('blue that leans green')
    expect(kinds).not.toContain('earth')
    expect(gaps!.find((g) => g.kind === 'cool yellow')?.remedy?.paintId).toBe('lemon')
    const clean = gaps!.find((g) => g.kind === 'clean green')!
    expect(clean.has).toBeLessThan(clean.could!)
    expect(['phthalo green', 'viridian']).toContain(clean.remedy!.paintId)
  })

  it('proposes only what is at hand and what the brief lets in; also before it is known what it brings', () => {
    const ids = ['new gamboge', 'pyrrole red', 'ultramarine', 'yellow ochre', 'dioxazine violet']
    const closes = (brief?: Brief, more: Partial<AssessQuestion> = {}) =>
      assess(ids, brief, more).gaps!.find((g) => g.kind === 'cool yellow')?.remedy?.paintId
    expect(closes()).toBe('lemon')
    expect(closes({ stayOut: ['lemon'] })).toBeUndefined()
    expect(closes(undefined, { isAtHand: (id) => id !== 'lemon' })).toBeUndefined()
    const paints = [...COLLECTION, paint('a new one', { pigments: ['PR101'] })]
    expect(closes(sea, { paints, complete: false })).toBe('lemon')
  })

  it('names a family that is missing altogether, and then not its sides', () => {
    const { gaps } = assess(['lemon', 'new gamboge', 'yellow ochre', 'phthalo green', 'viridian'])
    const kinds = gaps!.map((g) => g.kind)
    expect(kinds).toEqual(expect.arrayContaining(['red', 'blue']))
    for (const side of ['warm red', 'cool red', 'blue that leans green', 'yellow']) expect(kinds).not.toContain(side)
  })

  it('finds the neutralisers that every painter knows (common practice, no source)', () => {
    const { neutrals } = assess(['ultramarine', 'burnt sienna', 'rose', 'phthalo green', 'lemon', 'dioxazine violet'])
    const best = (id: string) => neutrals!.find((n) => n.paintId === id)?.best
    expect(best('burnt sienna')!.paints.map((p) => p.id)).toContain('ultramarine')
    expect(best('rose')!.paints.map((p) => p.id)).toContain('phthalo green')
    for (const { best: found } of neutrals!) if (found) expect(found.C).toBeLessThan(8)
  })

  it('names two partners, the usual one first; a mixture with a black is none (common practice, no source)', () => {
    const { neutrals } = assess([
      'ultramarine',
      'burnt sienna',
      'pyrrole orange',
      'rose',
      'phthalo green',
      'lemon',
      'dioxazine violet',
    ])
    const of = (id: string) => neutrals!.find((n) => n.paintId === id)!
    expect(of('ultramarine').best!.paints.map((p) => p.id)).toContain('burnt sienna')
    expect(of('rose').best!.paints.map((p) => p.id)).toContain('phthalo green')
    for (const { best, other } of neutrals!)
      if (other) expect(other.paints.map((p) => p.id).sort()).not.toEqual(best!.paints.map((p) => p.id).sort())
  })

  it('tries a yellow’s violet partner beyond the usual ratios (common practice, no source)', () => {
    const violet = paint('ultramarine violet', { pigments: ['PV15'] })
    const { neutrals } = assess(['ultramarine violet', 'lemon'], undefined, { paints: [...COLLECTION, violet] })
    const yellow = neutrals!.find((n) => n.paintId === 'lemon')!.best!
    expect(yellow.paints.map((p) => p.id)).toEqual(['ultramarine violet', 'lemon'])
    expect(yellow.paints[0]!.parts / yellow.paints[1]!.parts).toBeGreaterThanOrEqual(8)
  })

  it('a black greys everything and is no neutraliser', () => {
    const { neutrals } = assess(['ultramarine', 'lamp black'])
    expect(neutrals).toEqual([{ paintId: 'ultramarine' }])
  })

  it('says how dark it goes, alone and mixed', () => {
    const { values, gaps } = assess(['lemon', 'yellow ochre', 'cerulean', 'rose', 'new gamboge'])
    expect(values!.mixed!.L).toBeLessThanOrEqual(values!.alone!.L + 0.5)
    expect(values!.scale.map((s) => s.L)).toEqual(values!.scale.map((s) => s.L).sort((p, q) => p - q))
    const dark = gaps!.find((g) => g.kind === 'deep dark')
    expect(Boolean(dark)).toBe(Math.min(values!.alone!.L, values!.mixed!.L) >= 28)
    expect(assess([...TRIAD, 'lamp black', 'burnt sienna']).gaps!.map((g) => g.kind)).not.toContain('deep dark')
  })

  it('finds near twins and says whether they mix alike; what the rest mixes, with what it does not do', () => {
    const own = paint('other ultramarine', { pigments: ['PB29'] })
    const paints = [
      ...COLLECTION,
      own,
      paint('made violet', { pigments: ['PB29', 'PV19'], variants: { PV19: 'rose' } }),
    ]
    const { twins, spares } = assess([...TRIAD, 'ultramarine', own.id, 'made violet', 'burnt sienna'], sea, { paints })
    expect(twins).toHaveLength(1)
    expect(twins![0]!.paintIds).toEqual(['ultramarine', 'other ultramarine'])
    expect(twins![0]!.mixed).toBeLessThan(1)
    const made = spares!.find((s) => s.paintId === 'made violet')!
    expect(made.recipe.paints.map((p) => p.id)).toContain('rose')
    expect(made.difference).toBeLessThan(5)
    expect(spares!.some((s) => s.paintId === 'ultramarine')).toBe(true)
  })

  it('keeps effect paints and paints without colour out and says so; all of one family is a crowd', () => {
    const odd = [
      paint('pearl', { pigments: ['PW20'], effect: 'pearlescent' }),
      paint('nameless'),
      paint('unknown', { pigments: ['PY999'] }),
    ]
    const paints = [...COLLECTION, ...odd]
    const { left, reach, planned: count } = assess(['pearl', 'nameless', 'unknown'], sea, { paints })
    expect(left.map((l) => l.paintId)).toEqual(['pearl', 'nameless', 'unknown'])
    expect(count).toBe(3)
    expect(reach!.reach).toBe(0)
    const blues = ['PB29', 'PB15:3', 'PB35', 'PB27', 'PB36', 'PB60'].map((code) => paint(code, { pigments: [code] }))
    const crowd = assess(
      blues.map((b) => b.id),
      sea,
      { paints: [...COLLECTION, ...blues] },
    )
    expect(crowd.crowds).toMatchObject([{ family: 'blue', count: 6, share: 1 }])
  })

  it('without the index of the collection says what the palette alone does, and which index it needs', () => {
    const paints = [...COLLECTION, paint('one more', { pigments: ['PR101'] })]
    const alone = assess(TRIAD, sea, { paints, complete: false })
    expect(alone.needs).toMatchObject([
      { choice: { kind: 'subject', subject: 'sea' }, near: 5 },
      { choice: { kind: 'everything' }, near: 5 },
    ])
    expect(new Set(alone.map)).toContain(5)
    expect(alone.gains).toBeUndefined()
    expect(alone.whole).toBeUndefined()
    const whole = assess(TRIAD, sea, { paints })
    expect(alone.reach).toEqual(whole.reach)
    expect(alone.brings).toEqual(whole.brings)
    expect(assess(TRIAD, sea, { paints, complete: false }).needs).toMatchObject([{ choice: { kind: 'everything' } }])
    assess(TRIAD, undefined, { paints })
    const all = assess(TRIAD, sea, { paints, complete: false })
    expect(all.needs).toEqual([])
    expect(new Set(all.map)).toContain(4)
  })

  it('weighs several tables, and refuses targets that nobody knows', () => {
    const both = assess(TRIAD, {
      targets: [
        { kind: 'subject', subject: 'sea', weight: 3 },
        { kind: 'colours', id: 'c', name: 'a rock', weight: 1, colours: [{ L: 20, a: 70, b: 70, weight: 1 }] },
      ],
    })
    expect(both.tables.map((t) => t.name)).toEqual(['sea and sky', 'a rock'])
    expect(both.tables[1]!.palette.reach).toBe(0)
    expect(both.reach!.reach).toBeCloseTo(0.75 * both.tables[0]!.palette.reach, 12)
    const unknown = toTheEnd(
      assessPalette({
        palette: planned(TRIAD, { targets: [{ kind: 'subject', subject: 'moon', weight: 1 }] }),
        paints: COLLECTION,
      }),
    )
    expect(unknown).toMatchObject({ ok: false, error: { code: 'no-targets' } })
  })

  it('the same question has the same answer, and is answered in part before it is whole', () => {
    const steps = [...assessPalette({ palette: planned(TRIAD), paints: COLLECTION, complete: true })]
    const first = steps.find((s) => s.soFar?.reach)!
    expect(first.soFar!.neutrals).toBeUndefined()
    expect(assess(TRIAD).spares).toEqual([])
    expect(steps.every((s, i) => s.done >= (steps[i - 1]?.done ?? 0) && s.done <= s.of)).toBe(true)
    expect(assess(TRIAD)).toEqual(assess(TRIAD))
  })
})
