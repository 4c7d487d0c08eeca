import { describe, expect, it } from 'vitest'
import { paint, tube } from '../documents/documents.fixture'
import type { Item } from '../documents/item'
import { tinWith } from '../documents/tin.fixture'
import { Ledger } from '../ledger/ledger'
import type { JournalEntry } from '../documents/journal/journalEntry'
import type { Event } from '../documents/journal/event'
import { capacityOf, dryingDays } from './drying'
import { fillOrder, leftOutOf, usualFillings } from './fillOrder'
import { planAgainstPans } from './planAgainstPans'
import { planFilling, type FillingQuestion } from './planFilling'
import { practiceOf } from './practice'
import { canBeHad, sharesOf } from './tubes'
import { isMixed, mainPaintOf, pouredInto } from '../ledger/stays'

const TODAY = '2026-05-01'
const tin = tinWith({ A1: { paintId: 'p' }, A2: { paintId: 'q' } })
const paints = new Map(['p', 'q'].map((id) => [id, paint(id)]))
const journal = (...events: Event[]) =>
  new Ledger(
    events.map((event, i): JournalEntry => ({
      id: `e${i}`,
      v: 2,
      recorded: `2026-04-01T08:00:0${i}.000Z`,
      type: 'event',
      event,
    })),
  )
const half = tin.holder.places[0]!
const brim = capacityOf(half)
const boughtPan = (id: string, paintId: string, millilitres = 1.6): Item => ({
  ...tube(id, paintId, 'sealed'),
  kind: 'bought pan',
  millilitres,
})

function planned(items: Item[], more: Partial<FillingQuestion> = {}, ledger = journal()) {
  const answer = planFilling({
    palette: tin,
    state: ledger.places('tin'),
    paint: (id) => paints.get(id),
    stock: { itemsOf: (id) => items.filter((i) => i.paintId === id), left: (i) => i.millilitres },
    today: TODAY,
    layers: 'whole',
    order: 'along the tray',
    ...more,
  })
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const tubes = [tube('tp', 'p'), tube('tq', 'q')]

describe('a place whose pan is out', () => {
  const out = journal({ kind: 'takeOut', day: '2026-04-02', vessel: { paletteId: 'tin', placeId: 'A1' } })

  it('is left out of the plan, of the filling day and of a filling of all, and said', () => {
    const plan = planned(tubes, {}, out)
    expect(plan.steps.map((s) => s.placeId)).toEqual(['A2'])
    expect(plan.out).toEqual(['A1'])
    const question = { palette: tin, state: out.places('tin'), paint: (id: string) => paints.get(id) }
    expect(fillOrder(question).map((p) => p.place.id)).toEqual(['A2'])
    expect(planAgainstPans(tin, out.places('tin'))).toMatchObject({
      out: [{ placeId: 'A1', planned: 'p' }],
      toFill: [{ placeId: 'A2' }],
    })
  })
  it('comes back with a pan', () => {
    const back = journal(
      { kind: 'takeOut', day: '2026-04-02', vessel: { paletteId: 'tin', placeId: 'A1' } },
      { kind: 'put', day: '2026-04-03', vessel: { vesselId: 'new' }, place: { paletteId: 'tin', placeId: 'A1' } },
    )
    expect(planned(tubes, {}, back).steps.map((s) => s.placeId)).toEqual(['A1', 'A2'])
  })
})

describe('a bought pan', () => {
  it('is put in as it is where no tube is at hand: no drying, nothing missing', () => {
    const [step] = planned([boughtPan('b', 'p'), tube('tq', 'q')], { readyBy: TODAY }).steps
    expect(step).toMatchObject({ placeId: 'A1', missing: 0, putIn: 'b', dry: TODAY, dryAtLatest: TODAY })
    expect(step!.layers).toEqual([
      {
        day: TODAY,
        millilitres: 1.6,
        drying: { soonest: 0, likely: 0, latest: 0 },
        draws: [{ itemId: 'b', millilitres: 1.6 }],
      },
    ])
    expect(step!.late).toBeUndefined()
  })
  it('is never poured out: not onto what lies there, not for two places, not where it does not fit', () => {
    const two = tinWith({ A1: { paintId: 'p' }, A2: { paintId: 'p' } })
    const steps = planned([boughtPan('b', 'p')], { palette: two }).steps
    expect(steps.map((s) => s.putIn)).toEqual(['b', undefined])
    expect(steps[1]!.missing).toBeGreaterThan(1)
    expect(planned([boughtPan('full', 'p', 4)]).steps[0]).toMatchObject({ missing: steps[1]!.missing })
    const lies = journal({
      kind: 'fill',
      day: '2026-01-02',
      vessel: { paletteId: 'tin', placeId: 'A1' },
      itemId: 'x',
      paintId: 'p',
      millilitres: 0.3,
      dryingDays: 3,
    })
    expect(planned([boughtPan('b', 'p')], { topUp: true }, lies).steps[0]!.putIn).toBeUndefined()
  })
  it('comes after a tube that is open, and before one that is sealed and younger', () => {
    const old: Item = { ...boughtPan('b', 'p'), bought: '2020-01-01' }
    expect(planned([old, tube('tp', 'p')]).steps[0]!.putIn).toBeUndefined()
    expect(planned([old, tube('tp', 'p', 'sealed')]).steps[0]!.putIn).toBe('b')
  })
  it('goes in whole with a filling of all', () => {
    const toFill = [{ place: half, paint: paints.get('p')! }]
    const stock = { itemsOf: () => [boughtPan('b', 'p')], left: (i: Item) => i.millilitres }
    const vessel = { vesselId: 'v' }
    expect(usualFillings(toFill, stock, () => vessel, TODAY)).toMatchObject([{ millilitres: 1.6, dryingDays: 0 }])
    expect(leftOutOf(toFill, stock)).toEqual([])
  })
})

describe('which tube a step draws from', () => {
  const items = [tube('a', 'p'), { ...tube('b', 'p'), millilitres: 0.5 }]
  it('can be chosen; what it does not hold comes from the next', () => {
    expect(planned(items).steps[0]!.layers[0]!.draws.map((d) => d.itemId)).toEqual(['a'])
    const chosen = planned(items, { from: (placeId) => (placeId === 'A1' ? 'b' : undefined) }).steps[0]!
    expect(chosen.layers[0]!.draws.map((d) => d.itemId)).toEqual(['b', 'a'])
    expect(chosen.missing).toBe(0)
    expect(planned(items, { from: () => 'gone' }).steps[0]!.layers[0]!.draws.map((d) => d.itemId)).toEqual(['a'])
  })
})

describe('one filling, one drying day', () => {
  it('plan, form and a filling of all say the same, whatever the level', () => {
    for (const level of [0.3, 0.5, 0.66, 0.8, 0.95]) {
      const practice = practiceOf({ level })
      const step = planned(tubes, { practice }).steps[0]!
      const [filled] = usualFillings(
        [{ place: half, paint: paints.get('p')! }],
        { itemsOf: () => tubes, left: (i) => i.millilitres },
        () => ({ vesselId: 'v' }),
        TODAY,
        practice,
      )
      const days = (Date.parse(step.dry) - Date.parse(TODAY)) / 86_400_000
      expect(filled!.dryingDays, `${level}`).toBe(days)
      expect(dryingDays(half, step.millilitres, { practice }), `${level}`).toBe(days)
    }
  })
  it('a dab on wet paint dries by the depth of both', () => {
    const wet = 0.8 * brim
    expect(dryingDays(half, 0.1, { onto: wet })).toBe(dryingDays(half, wet + 0.1))
    expect(dryingDays(half, 0.1, { onto: wet })).toBeGreaterThan(dryingDays(half, 0.1))
  })
})

describe('a mixture of one’s own', () => {
  const grey = {
    ...paint('grey', { pigments: ['PB29', 'PBr7'] }),
    mixedFrom: [
      { paintId: 'p', parts: 3 },
      { paintId: 'q', parts: 1 },
    ],
  }
  const withGrey = tinWith({ A1: { paintId: 'grey' } })
  const paintOf = (id: string) => (id === 'grey' ? grey : paints.get(id))

  it('is filled from the tubes of its parts, and lies, dries and is said as one paint', () => {
    const step = planned(tubes, { palette: withGrey, paint: paintOf }).steps[0]!
    expect(step).toMatchObject({ paintId: 'grey', missing: 0 })
    const [ultramarine, sienna] = step.layers[0]!.draws
    expect([ultramarine!.itemId, sienna!.itemId]).toEqual(['tp', 'tq'])
    expect(ultramarine!.millilitres / sienna!.millilitres).toBeCloseTo(3, 0)
    expect(ultramarine!.millilitres + sienna!.millilitres).toBeCloseTo(step.millilitres, 9)
    const fills = usualFillings(
      [{ place: half, paint: grey }],
      { itemsOf: (id) => tubes.filter((t) => t.paintId === id), left: (i) => i.millilitres },
      () => ({ paletteId: 'tin', placeId: 'A1' }),
      '2026-04-01',
    )
    const ledger = journal(...fills)
    const content = ledger.places('tin').get('A1')!.content!
    expect(mainPaintOf(content)).toBe('grey')
    expect(isMixed(content)).toBe(false)
    expect(planAgainstPans(withGrey, ledger.places('tin'))).toEqual({ toFill: [], out: [], other: [], unplanned: [] })
    // its tubes are drawn from, each for its own
    expect(ledger.account('tp').drawn + ledger.account('tq').drawn).toBeCloseTo(pouredInto(content), 9)
  })
  it('is short as soon as one of its parts is, and there is as much of it as that lets', () => {
    const few = [{ ...tube('tp', 'p'), millilitres: 0.3 }, tube('tq', 'q')]
    expect(planned(few, { palette: withGrey, paint: paintOf }).steps[0]!.missing).toBeGreaterThan(0.3)
    expect(canBeHad(grey, (id) => (id === 'p' ? 3 : 10))).toBe(4)
    expect(canBeHad(paint('p'), () => 7)).toBe(7)
  })
  it('parts in tenths add up to the amount', () => {
    for (let tenths = 4; tenths < 40; tenths += 1) {
      const shares = sharesOf(grey.mixedFrom, tenths / 10)
      expect(shares.reduce((sum, s) => sum + Math.round(10 * s.millilitres), 0)).toBe(tenths)
    }
  })
})
