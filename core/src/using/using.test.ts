import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import type { Palette } from '../documents/palette'
import { tinWith } from '../documents/tin.fixture'
import type { Version } from '../documents/version'
import { Ledger } from '../ledger/ledger'
import { leftIn } from '../ledger/stays'
import { levelsOf } from './levels'
import { lifeOf } from './life'
import { learnedUse, takenOf } from './perUse'
import { keyOfWish, projectUse } from './projectUse'
import { paintOfWish, reviewPalette } from './reviewPalette'

const place = (placeId: string) => ({ paletteId: 'tin', placeId })
let count = 0
const entry = (event: Event): JournalEntry => ({
  id: `e${(count += 1)}`,
  v: 2,
  recorded: `2026-06-01T00:00:${String(count % 60).padStart(2, '0')}.000Z`,
  type: 'event',
  event,
})
const fill = (placeId: string, paintId: string, day: string, millilitres = 1.5) =>
  entry({ kind: 'fill', day, vessel: place(placeId), itemId: 't', paintId, millilitres, dryingDays: 2 })
/** `A1! A2`: which places, `!` a lot. */
const painted = (day: string, used: string, paints: Record<string, string>, wished: string[] = []) =>
  entry({
    kind: 'sitting',
    day,
    paletteId: 'tin',
    words: `on ${day}`,
    used: used
      .split(' ')
      .filter(Boolean)
      .map((text) => {
        const placeId = text.replace('!', '')
        return { vessel: place(placeId), paintId: paints[placeId]!, ...(text.endsWith('!') ? { much: true } : {}) }
      }),
    ...(wished.length ? { wished: wished.map((words) => ({ words })) } : {}),
  })
const PAINTS = { A1: 'ochre', A2: 'blue', A3: 'rose' }
const palette = tinWith({ A1: { paintId: 'ochre' }, A2: { paintId: 'blue' }, A3: { paintId: 'rose' } })

describe('what paintings take from pans', () => {
  it('goes off the level as an estimate, three times for a lot, and the next look corrects it', () => {
    const ledger = new Ledger([
      fill('A1', 'ochre', '2026-05-01'),
      painted('2026-05-05', 'A1', PAINTS),
      painted('2026-05-06', 'A1!', PAINTS),
    ])
    const content = () => ledger.places('tin').get('A1')!.content!
    expect(content().used).toBe(4)
    expect(leftIn(content(), 0.05)).toBeCloseTo(1.3, 9)
    ledger.add(entry({ kind: 'level', day: '2026-05-10', vessel: place('A1'), share: 0.5 }))
    expect(content()).toMatchObject({ seen: { day: '2026-05-10', millilitres: 0.75, poured: 1.5 } })
    expect(leftIn(content(), 0.05)).toBe(0.75)
    expect(ledger.seenUse()).toEqual([{ paintId: 'ochre', times: 4, millilitres: 0.75 }])
    // what is poured on top comes to what was seen
    ledger.add(fill('A1', 'ochre', '2026-05-12', 0.5))
    ledger.add(painted('2026-05-13', 'A1', PAINTS))
    expect(leftIn(content(), 0.05)).toBeCloseTo(1.2, 9)
  })
  it('never below nothing, and not from an empty place or one that was cleaned since', () => {
    const ledger = new Ledger([painted('2026-05-02', 'A1', PAINTS), fill('A1', 'ochre', '2026-05-03', 0.1)])
    const content = () => ledger.places('tin').get('A1')?.content
    expect(content()!.used).toBeUndefined()
    for (let i = 0; i < 9; i += 1) ledger.add(painted('2026-05-04', 'A1', PAINTS))
    expect(leftIn(content()!, 0.05)).toBe(0)
    ledger.add(entry({ kind: 'clean', day: '2026-05-05', vessel: place('A1') }))
    expect(content()).toBeUndefined()
  })
  it('follows a pan into another palette', () => {
    const to = { paletteId: 'box', placeId: 'X' }
    const ledger = new Ledger([
      fill('A1', 'ochre', '2026-05-01'),
      entry({ kind: 'put', day: '2026-05-02', vessel: { vesselId: 'tin/A1' }, place: to }),
      painted('2026-05-03', 'A1', PAINTS),
    ])
    expect(ledger.places('box').get('X')!.content!.used).toBeUndefined()
    ledger.add(
      entry({
        kind: 'sitting',
        day: '2026-05-04',
        paletteId: 'box',
        words: '',
        used: [{ vessel: to, paintId: 'ochre' }],
      }),
    )
    expect(ledger.places('box').get('X')!.content!.used).toBe(1)
    expect(ledger.sittingsOf('box')).toHaveLength(1)
    expect(ledger.paintedFrom().sort()).toEqual(['box', 'tin'])
  })
  it('a painting from memory counts on its day; one that is struck out no more', () => {
    const late = painted('2026-05-02', 'A1', PAINTS)
    const ledger = new Ledger([fill('A1', 'ochre', '2026-05-01'), painted('2026-05-20', 'A1', PAINTS)])
    const touched = ledger.add(late)
    expect(touched.ok && [...touched.value.palettes]).toContain('tin')
    expect(ledger.sittingsOf('tin').map((s) => s.event.day)).toEqual(['2026-05-02', '2026-05-20'])
    ledger.add({
      id: 'c',
      v: 2,
      recorded: '2026-07-01T00:00:00.000Z',
      type: 'correction',
      corrects: late.id,
      becomes: null,
    })
    expect(ledger.sittingsOf('tin')).toHaveLength(1)
    expect(ledger.places('tin').get('A1')!.content!.used).toBe(1)
  })
  it('is learned from looks, drawn to the usual while there are few', () => {
    expect(learnedUse([], 0.03)).toMatchObject({ millilitres: 0.03, looks: 0 })
    const few = learnedUse([{ paintId: 'a', times: 4, millilitres: 0.4 }], 0.03)
    expect(few.millilitres).toBeGreaterThan(0.03)
    expect(few.millilitres).toBeLessThan(0.1)
    const many = learnedUse(
      Array.from({ length: 60 }, () => ({ paintId: 'a', times: 10, millilitres: 1 })),
      0.03,
    )
    expect(many.millilitres).toBeCloseTo(0.1, 2)
    expect(takenOf(many, 'b')).toBe(many.millilitres)
  })
  it('makes the levels of a palette', () => {
    const ledger = new Ledger([fill('A1', 'ochre', '2026-05-01', 2), painted('2026-05-05', 'A1', PAINTS)])
    const [level] = levelsOf(palette, ledger.places('tin'), learnedUse([], 0.5))
    expect(level).toEqual({ placeId: 'A1', paintId: 'ochre', left: 1.5, poured: 2, share: 0.75, isEstimate: true })
  })
})

describe('the review', () => {
  const days = Array.from({ length: 12 }, (_, i) => `2026-05-${String(i + 3).padStart(2, '0')}`)
  const ledger = new Ledger([
    fill('A1', 'ochre', '2026-05-01'),
    fill('A2', 'blue', '2026-05-01'),
    fill('A3', 'rose', '2026-05-12'),
    ...days.map((day, i) => painted(day, i < 11 ? 'A2!' : 'A2 A3', PAINTS, i % 4 === 0 ? [' A darker Brown. '] : [])),
  ])
  const of = (stretch = {}) =>
    reviewPalette({
      palette,
      state: ledger.places('tin'),
      sittings: ledger.sittingsOf('tin'),
      today: '2026-06-01',
      stretch,
    })
  it('counts from when a pan came into this palette, not from when it was filled; a move within it is no break', () => {
    const loose = { vesselId: 'pan' }
    const moved = new Ledger([
      entry({
        kind: 'fill',
        day: '2026-04-01',
        vessel: loose,
        itemId: 't',
        paintId: 'rose',
        millilitres: 1.5,
        dryingDays: 2,
      }),
      entry({ kind: 'put', day: '2026-05-06', vessel: loose, place: place('A1') }),
      entry({ kind: 'exchange', day: '2026-05-09', place: place('A1'), other: place('A3') }),
      ...days.map((day) => painted(day, 'A2', PAINTS)),
    ])
    const { paints } = reviewPalette({
      palette,
      state: moved.places('tin'),
      sittings: moved.sittingsOf('tin'),
      today: '2026-06-01',
    })
    const rose = paints.find((p) => p.paintId === 'rose')!
    expect([rose.since, rose.of]).toEqual(['2026-05-06', days.filter((d) => d >= '2026-05-06').length])
  })
  it('says what is pulled often, never, and of what it is too soon to speak', () => {
    const { paints, counts, use } = of()
    expect(use.paintings).toBe(12)
    expect(paints.map(({ paintId, pull, times, of: n, lots }) => [paintId, pull, times, n, lots])).toEqual([
      ['blue', 'often', 12, 12, 11],
      ['rose', 'too soon to say', 1, 3, 0],
      ['ochre', 'never', 0, 12, 0],
    ])
    expect(counts).toMatchObject({ often: 1, never: 1, 'too soon to say': 1 })
    expect(paints.find((p) => p.paintId === 'ochre')!.days).toBe(31)
  })
  it('from five paintings on it is said that a paint is not used, not before', () => {
    const pullOf = (n: number) => {
      const some = ledger.sittingsOf('tin').slice(0, n)
      const { paints } = reviewPalette({ palette, state: ledger.places('tin'), sittings: some, today: '2026-06-01' })
      return paints.find((p) => p.paintId === 'ochre')!.pull
    }
    expect([pullOf(4), pullOf(5)]).toEqual(['too soon to say', 'never'])
  })
  it('wishes said alike are one; a stretch leaves out what lies outside of it', () => {
    expect(of().wished).toMatchObject([{ words: ' A darker Brown. ', times: 3, last: '2026-05-11' }])
    expect(keyOfWish(' A darker Brown. ')).toBe(keyOfWish('a darker brown'))
    expect(of({ from: '2026-05-10', to: '2026-05-11' }).use.paintings).toBe(2)
    expect(of({ from: '2027-01-01' }).use).toMatchObject({ paintings: 0, wished: [] })
  })
  it('what was used and is planned no more is named; a painting on a palette that is gone is still read', () => {
    const plan = { A1: { paintId: 'ochre' } }
    const less = reviewPalette({
      palette: { ...palette, plan },
      state: new Map(),
      sittings: ledger.sittingsOf('tin'),
      today: '2026-06-01',
    })
    expect(less.gone.map((g) => g.paintId)).toEqual(['blue', 'rose'])
    expect(less.paints).toMatchObject([{ paintId: 'ochre', of: 0, pull: 'too soon to say' }])
  })
  it('counts each pair once and never more often than the rarer of the two', () => {
    const ids = ['a', 'b', 'c', 'd', 'e']
    const sittings = fc.array(fc.subarray(ids), { maxLength: 30 })
    fc.assert(
      fc.property(sittings, (lists) => {
        const all = lists.map((used, i) => ({
          entryId: `${i}`,
          recorded: '',
          corrected: false,
          event: {
            kind: 'sitting' as const,
            day: '2026-05-01',
            paletteId: 'tin',
            words: '',
            used: used.map((paintId) => ({ vessel: place('A1'), paintId })),
          },
        }))
        const { together, byPaint } = projectUse(all)
        for (const {
          paintIds: [p, q],
          times,
          share,
        } of together) {
          expect(p < q).toBe(true)
          expect(times).toBe(lists.filter((l) => l.includes(p) && l.includes(q)).length)
          expect(share).toBeLessThanOrEqual(1)
          expect(times).toBeLessThanOrEqual(Math.min(byPaint.get(p)!.times, byPaint.get(q)!.times))
        }
        for (const id of ids) expect(byPaint.get(id)?.times ?? 0).toBe(lists.filter((l) => l.includes(id)).length)
      }),
    )
  })
  it('a wish that is the name of an owned paint is that paint', () => {
    const paints = [{ id: 'x', v: 2 as const, maker: '', name: 'Indanthrone blue', pigments: ['PB60'] }]
    expect(paintOfWish(' indanthrone BLUE ', paints)?.id).toBe('x')
    expect(paintOfWish('blue', paints)).toBeUndefined()
  })
})

describe('a palette’s life', () => {
  const version = (id: string, day: string, plan: Palette['plan']): Version => ({
    id,
    v: 1,
    paletteId: 'tin',
    name: id,
    day,
    holder: palette.holder,
    plan,
  })
  it('names what each version changed, and ends with the palette as it is where that is another', () => {
    const first = version('first', '2026-03-01', { A1: { paintId: 'ochre' } })
    const second = version('second', '2026-04-01', { A2: { paintId: 'ochre' }, A1: { paintId: 'blue' } })
    const points = lifeOf(palette, [second, first], '2026-06-01')
    expect(points.map((p) => [p.version?.id, p.came, p.went, p.moved, p.paints])).toEqual([
      ['first', ['ochre'], [], [], 1],
      ['second', ['blue'], [], ['ochre'], 2],
      [undefined, ['rose'], [], ['ochre', 'blue'], 3],
    ])
    expect(lifeOf({ ...palette, plan: second.plan }, [second, first], '2026-06-01')).toHaveLength(2)
    expect(lifeOf(palette, [{ ...first, paletteId: 'another' }], '2026-06-01')).toHaveLength(1)
  })
})
