import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import { paint as bare, tin, tube } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { daysAfter, daysBetween } from '../units/calendar'
import { CLIMATES, dryness, saturation, slowness } from './climate'
import { capacityOf } from './drying'
import { dryingLearned, forecastDrying } from './forecastDrying'
import { type FillingQuestion, planFilling } from './planFilling'
import { itemsToFillFrom } from './tubes'
import { practiceOf, USUAL_PRACTICE } from './practice'
import { runs } from '../../../tests/setup/runs'

const TODAY = '2026-05-01'
const half = tin.holder.places[0]!
const paints = new Map<string, Paint>(
  ['light', 'dark', 'hard'].map((id, i) => [
    id,
    bare(id, {
      masstone: { L: 90 - 40 * i, a: 10, b: 20, source: 'typed' },
      ...(id === 'hard' ? { pigments: ['PG18'] } : {}),
    }),
  ]),
)
function question(
  more: Partial<FillingQuestion> & { items?: Item[]; places?: Record<string, string> } = {},
): FillingQuestion {
  const {
    items = [tube('t-light', 'light'), tube('t-dark', 'dark')],
    places = { A1: 'dark', A2: 'light' },
    ...rest
  } = more
  return {
    palette: { ...tin, plan: Object.fromEntries(Object.entries(places).map(([id, paintId]) => [id, { paintId }])) },
    state: new Map(),
    paint: (id) => paints.get(id),
    stock: { itemsOf: (id) => items.filter((i) => i.paintId === id), left: (i) => i.millilitres },
    today: TODAY,
    layers: 'whole',
    order: 'light first',
    ...rest,
  }
}
function plan(more: Parameters<typeof question>[0] = {}) {
  const answer = planFilling(question(more))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const of = (id: string, paintId: string, more: Partial<Item> = {}): Item => ({ ...tube(id, paintId), ...more })

describe('the air', () => {
  it('takes up water as handbooks have it, within the 0.4 % that its authors state (CRC Handbook, from memory)', () => {
    for (const [celsius, kPa] of [
      [0, 0.6113],
      [20, 2.3393],
      [25, 3.169],
      [40, 7.3814],
    ] as const)
      expect(Math.abs(saturation(celsius) / kPa - 1), `${celsius} °C`).toBeLessThan(0.004)
    expect(dryness({ temperature: 20, humidity: 100 })).toBeLessThan(0.03)
  })
  it('dries faster when dry and warm, slower when damp or cold', () => {
    expect(slowness(CLIMATES.temperate)).toBe(1)
    expect(slowness(CLIMATES.arid)).toBeLessThan(0.7)
    expect(slowness(CLIMATES.humid)).toBeGreaterThan(1.25)
    expect(slowness({ temperature: 5, humidity: 80 })).toBeGreaterThan(2)
  })
})

describe('when it is dry', () => {
  it('a half pan filled at once in about a week, thirds in some four days each; a range about it', () => {
    const whole = forecastDrying(half, capacityOf(half) * 0.8)
    expect(whole.likely).toBeCloseTo(7.4, 1) // 1 day and 6.4 mm
    expect(forecastDrying(half, capacityOf(half) / 3).likely).toBeCloseTo(3.67, 1)
    expect(whole.soonest).toBeLessThan(whole.likely)
    expect(whole.latest).toBeGreaterThan(whole.likely)
  })
  it('a humid fortnight: what takes ten days in temperate air takes it all', () => {
    const millilitres = (14 * 17 * 9.5) / 1000
    expect(forecastDrying(half, millilitres).likely).toBeCloseTo(10.5, 1)
    const humid = forecastDrying(half, millilitres, { climate: CLIMATES.humid })
    expect(humid.likely).toBeGreaterThan(13)
    expect(humid.likely).toBeLessThan(15)
  })
  it('more paint never dries sooner, and the range holds its order', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.record({ temperature: fc.integer({ min: -5, max: 40 }), humidity: fc.integer({ min: 0, max: 100 }) }),
        (ml, more, climate) => {
          const [one, other] = [ml, ml + more].map((m) => forecastDrying(half, m, { climate }))
          expect(other!.likely).toBeGreaterThanOrEqual(one!.likely)
          expect(one!.soonest).toBeLessThanOrEqual(one!.likely)
          expect(one!.likely).toBeLessThanOrEqual(one!.latest)
        },
      ),
    )
  })

  const found = (paintId: string, given: number, took: number) => ({ paintId, given, took })
  it('learns from what was found dry: by paint, drawn to the others while there are few', () => {
    expect(dryingLearned([])).toMatchObject({ all: 1, count: 0 })
    const learned = dryingLearned([...Array.from({ length: 8 }, () => found('slow', 7, 14)), found('b', 7, 6)])
    expect(learned.count).toBe(9)
    expect(learned.byPaint.get('slow')).toBeGreaterThan(1.7)
    expect(learned.byPaint.get('b')).toBeLessThan(learned.byPaint.get('slow')!)
    expect(forecastDrying(half, 1.5, { learned, paintId: 'slow' }).likely).toBeGreaterThan(
      1.6 * forecastDrying(half, 1.5).likely,
    )
    // found dry a year later, or on the day it was poured: that says nothing
    expect(dryingLearned([found('a', 7, 300), found('a', 7, 0)]).count).toBe(0)
  })
})

describe('a plan of filling', () => {
  it('light colours first, or along the tray; each from its tube, dry after its days', () => {
    const { steps, toBuy, dryAtLatest } = plan()
    expect(steps.map((s) => [s.placeId, s.paintId])).toEqual([
      ['A2', 'light'],
      ['A1', 'dark'],
    ])
    expect(steps[0]).toMatchObject({ millilitres: 1.5, missing: 0, isTopUp: false })
    expect(steps[0]!.layers[0]!.draws).toEqual([{ itemId: 't-light', millilitres: 1.5 }])
    expect(toBuy).toEqual([])
    expect(steps[0]!.dry).toBe('2026-05-08')
    expect(dryAtLatest).toBe('2026-05-12')
    expect(plan({ order: 'along the tray' }).steps.map((s) => s.placeId)).toEqual(['A1', 'A2'])
  })

  it('a 15 ml tube does not fill twelve half pans to the brim: 7.8 ml are to be bought', () => {
    const places = Object.fromEntries(tin.holder.places.map((p) => [p.id, 'light']))
    const practice = { ...USUAL_PRACTICE, level: 1 }
    const { steps, toBuy } = plan({ places, practice })
    expect(steps).toHaveLength(12)
    const poured = steps.flatMap((s) => s.layers.flatMap((l) => l.draws)).reduce((sum, d) => sum + d.millilitres, 0)
    expect(poured).toBeCloseTo(15, 6)
    expect(toBuy).toEqual([{ paintId: 'light', millilitres: 7.8 }])
    expect(plan({ places, practice: { ...USUAL_PRACTICE, level: 0.6 } }).toBuy).toEqual([])
  })

  it('in thirds: each layer waits for the one below, and the whole takes as long as all of them', () => {
    const { steps } = plan({ layers: 'thirds', places: { A1: 'light' } })
    expect(steps[0]!.layers.map((l) => l.millilitres)).toEqual([0.6, 0.6, 0.6])
    expect(steps[0]!.layers.map((l) => l.day)).toEqual(['2026-05-01', '2026-05-05', '2026-05-09'])
    expect(steps[0]!.dry).toBe('2026-05-13')
  })

  it('what was begun in thirds goes on where it was left, once the layer below is dry', () => {
    const third = {
      entryId: 'e',
      itemId: 't',
      paintId: 'light',
      day: '2026-04-20',
      millilitres: 0.6,
      dryingDays: 4,
      more: 2,
    }
    const state = new Map([['A1', { vesselId: 'v', stays: [], content: { layers: [third], dryFrom: '2026-04-24' } }]])
    const places = { A1: 'light' }
    const { steps } = plan({ state, places, layers: 'thirds' })
    expect(steps[0]).toMatchObject({ isTopUp: true, millilitres: 1.2 })
    expect(steps[0]!.layers).toHaveLength(2)
    expect(plan({ state, places, layers: 'thirds', today: '2026-04-22' }).steps).toEqual([])
    // whatever is asked now: it was begun so
    expect(plan({ state, places }).steps[0]!.layers).toHaveLength(2)
    const last = { ...third, more: 0 }
    const whole = new Map([['A1', { vesselId: 'v', stays: [], content: { layers: [last], dryFrom: '2026-04-24' } }]])
    expect(plan({ state: whole, places, layers: 'thirds' }).steps).toEqual([])
  })

  it('a departure in three days: said how late it would be, and how thin a layer would do', () => {
    const { steps, beginBy } = plan({ readyBy: '2026-05-04', places: { A1: 'light' } })
    expect(steps[0]!.late).toEqual({ daysShort: 8, thinner: 0.2 })
    expect(beginBy).toBe('2026-04-23')
    expect(daysBetween(beginBy!, '2026-05-04')).toBe(daysBetween(TODAY, steps[0]!.dryAtLatest))
    const thin = forecastDrying(half, 0.2)
    expect(thin.latest).toBeLessThanOrEqual(3)
    expect(forecastDrying(half, 0.3).latest).toBeGreaterThan(3)
    expect(plan({ readyBy: '2026-05-20' }).steps[0]!.late).toBeUndefined()
  })

  it('draws first from what is being used up, then stiff ones, then the oldest; spares what is spared', () => {
    const items = [
      of('new', 'light', { bought: '2026-01-01' }),
      of('saved', 'light', { remarks: ['saving it'], bought: '2019-01-01' }),
      of('old', 'light', { bought: '2020-01-01' }),
      of('stiff', 'light', { remarks: ['stiff'], bought: '2025-01-01' }),
      of('last drops', 'light', { remarks: ['using it up'], millilitres: 1 }),
      of('lent', 'light', { supply: 'lent' }),
      of('empty', 'light', { supply: 'empty' }),
    ]
    expect(itemsToFillFrom(items).map((i) => i.id)).toEqual(['last drops', 'stiff', 'old', 'new', 'saved'])
    expect(plan({ items, places: { A1: 'light' } }).steps[0]!.layers[0]!.draws).toEqual([
      { itemId: 'last drops', millilitres: 1 },
      { itemId: 'stiff', millilitres: 0.5 },
    ])
  })

  it('tops up what lies there dry where there is room, leaves wet and other paints alone', () => {
    const lying = (paintId: string, day: string, millilitres: number) => ({
      vesselId: 'v',
      stays: [],
      content: {
        layers: [{ entryId: 'e', itemId: 't', paintId, day, millilitres, dryingDays: 5 }],
        dryFrom: daysAfter(day, 5),
      },
    })
    const state = new Map([
      ['A1', lying('light', '2026-03-01', 1)],
      ['A2', lying('light', '2026-04-30', 1)],
      ['A3', lying('dark', '2026-03-01', 1)],
      ['A4', lying('light', '2026-03-01', 3)],
    ])
    const places = { A1: 'light', A2: 'light', A3: 'light', A4: 'light', A5: 'light' }
    expect(plan({ state, places }).steps.map((s) => s.placeId)).toEqual(['A5'])
    const { steps } = plan({ state, places, topUp: true })
    expect(steps.map((s) => [s.placeId, s.isTopUp, s.millilitres])).toEqual([
      ['A1', true, 1],
      ['A5', false, 1.5],
    ])
  })

  it('goes on where it stands after a journey to where it is yesterday still', () => {
    const content = {
      layers: [{ entryId: 'e', itemId: 't', paintId: 'light', day: TODAY, millilitres: 0.5, dryingDays: 2, more: 2 }],
      dryFrom: daysAfter(TODAY, 2),
    }
    const state = new Map([['A1', { vesselId: 'v', stays: [], content }]])
    const on = (today: string) => plan({ state, today, places: { A1: 'light', A2: 'light' }, readyBy: '2026-06-01' })
    expect(on(daysAfter(TODAY, -1)).steps.map((s) => s.placeId)).toEqual(['A2'])
    expect(on(daysAfter(TODAY, 2)).steps.map((s) => [s.placeId, s.layers.length])).toEqual([
      ['A1', 2],
      ['A2', 1],
    ])
  })

  it('says beforehand what turns to stone in a pan, with what to do instead', () => {
    const { steps } = plan({ places: { A1: 'hard', A2: 'light' } })
    expect(steps.find((s) => s.paintId === 'hard')!.trouble?.words).toContain('hardens')
    expect(steps.find((s) => s.paintId === 'light')!.trouble).toBeUndefined()
  })

  it('never draws more than there is, and pours what it plans, whatever is asked', () => {
    const tray = HOLDERS.find((h) => h.places.length === 64)!
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 20, noNaN: true }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 64 }),
        fc.constantFrom('whole' as const, 'thirds' as const),
        (sizes, count, layers) => {
          const items = sizes.map((ml, i) => of(`t${i}`, 'light', { millilitres: ml }))
          const palette = {
            ...tin,
            holder: tray,
            plan: Object.fromEntries(tray.places.slice(0, count).map((p) => [p.id, { paintId: 'light' }])),
          }
          const answer = planFilling({ ...question({ items, layers }), palette })
          if (!answer.ok) throw new Error(answer.error.message)
          const drawn = new Map<string, number>()
          for (const s of answer.value.steps) {
            const poured = s.layers.flatMap((l) => l.draws).reduce((sum, d) => sum + d.millilitres, 0)
            expect(poured + s.missing).toBeCloseTo(s.millilitres, 6)
            for (const d of s.layers.flatMap((l) => l.draws))
              drawn.set(d.itemId, (drawn.get(d.itemId) ?? 0) + d.millilitres)
          }
          for (const item of items) expect(drawn.get(item.id) ?? 0).toBeLessThanOrEqual(item.millilitres + 1e-6)
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('refuses a day that is none or past, and a palette without a plan', () => {
    const code = (more: Parameters<typeof question>[0]) => {
      const answer = planFilling(question(more))
      return answer.ok ? 'fine' : answer.error.code
    }
    expect(code({ readyBy: '2026-02-30' })).toBe('no-such-day')
    expect(code({ readyBy: '2026-04-30' })).toBe('no-such-day')
    expect(code({ places: {} })).toBe('nothing-planned')
  })

  it('what was adjusted counts where it lies in its range', () => {
    expect(practiceOf({ level: 0.5, density: 99 })).toEqual({ ...USUAL_PRACTICE, level: 0.5 })
  })
})
