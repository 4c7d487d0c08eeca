import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Event, JournalEntry } from '../documents/journalEntry'
import { HOLDERS } from '../arranging/holders'
import type { Item } from '../documents/item'
import type { Palette } from '../documents/palette'
import { correctEvent, doubtFilling, recordEvent } from './entries'
import { balanceOf, fillsFrom, Ledger } from './ledger'
import { isWet, pouredInto } from './places'

const day = fc.integer({ min: 1, max: 28 }).map((d) => `2026-05-${String(d).padStart(2, '0')}`)
const place = fc.constantFrom('A1', 'A2', 'A3')
const paletteId = fc.constantFrom('tin', 'tray')
const itemId = fc.constantFrom('t1', 't2', 't3')
const amount = fc.integer({ min: 1, max: 40 }).map((n) => n / 10)
const event: fc.Arbitrary<Event> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({
      kind: fc.constant('fill' as const),
      day,
      paletteId,
      placeId: place,
      itemId,
      paintId: fc.constantFrom('p', 'q'),
      millilitres: amount,
      dryingDays: fc.integer({ min: 0, max: 9 }),
    }),
  },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('clean' as const), day, paletteId, placeId: place }) },
  fc.record({ kind: fc.constant('dry' as const), day, paletteId, placeId: place }),
  {
    weight: 2,
    arbitrary: fc.record({
      kind: fc.constant('exchange' as const),
      day,
      paletteId,
      placeId: place,
      otherPlaceId: place,
    }),
  },
  fc.record({ kind: fc.constant('measure' as const), day, itemId, millilitres: amount }),
)

const stamp = (n: number) => ({
  id: `e${String(n).padStart(4, '0')}`,
  recorded: new Date(Date.UTC(2026, 5, 1) + n * 1000).toISOString(),
})
const step = fc.oneof(
  { weight: 3, arbitrary: fc.record({ event }) },
  fc.record({ target: fc.nat(), becomes: fc.option(event) }),
)

/** A journal as it could come about: events, and corrections that change or strike out an earlier event. */
const journals = fc.array(step, { maxLength: 40 }).map((steps) => {
  const entries: JournalEntry[] = []
  steps.forEach((s, n) => {
    const events = entries.filter((e) => e.type === 'event')
    if ('event' in s) entries.push({ ...stamp(n), v: 1, type: 'event', event: s.event })
    else if (events.length)
      entries.push({
        ...stamp(n),
        v: 1,
        type: 'correction',
        corrects: events[s.target % events.length]!.id,
        becomes: s.becomes,
      })
  })
  return entries
})

/** Everything a ledger says, as plain data. */
const said = (ledger: Ledger) => ({
  items: Object.fromEntries(['t1', 't2', 't3'].map((id) => [id, ledger.account(id)])),
  places: Object.fromEntries(['tin', 'tray'].map((id) => [id, ledger.places(id)])),
  events: ['tin', 'tray'].map((id) => ledger.eventsOf(id)),
})
const grown = (entries: Iterable<JournalEntry>) => {
  const ledger = new Ledger()
  for (const e of entries) ledger.add(e)
  return ledger
}

describe('the ledger, for any journal', () => {
  it('kept up entry by entry says the same as worked out anew', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        expect(said(grown(entries))).toEqual(said(new Ledger(entries)))
      }),
      { numRuns: 300 },
    )
  })

  it('does not depend on the order in which entries arrive, nor on their arriving twice', () => {
    fc.assert(
      fc.property(
        journals.chain((e) =>
          fc.tuple(
            fc.constant(e),
            fc.shuffledSubarray([...e, ...e], { minLength: e.length * 2, maxLength: e.length * 2 }),
          ),
        ),
        ([entries, shuffled]) => {
          expect(said(grown(shuffled))).toEqual(said(new Ledger(entries)))
        },
      ),
    )
  })

  it('what was drawn from items is what was filled into places, to the microlitre', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        const ledger = grown(entries)
        const drawn = ['t1', 't2', 't3'].reduce((sum, id) => sum + ledger.account(id).drawn, 0)
        const layers = new Map<string, number>()
        for (const id of ['tin', 'tray'])
          for (const place of Object.values(ledger.places(id)))
            for (const stay of place.stays) for (const l of stay.content.layers) layers.set(l.entryId, l.millilitres)
        const filled = [...layers.values()].reduce((sum, v) => sum + v, 0)
        expect(filled).toBeCloseTo(drawn, 4)
        expect(['t1', 't2', 't3'].reduce((n, id) => n + fillsFrom(ledger.account(id)).length, 0)).toBe(layers.size)
      }),
      { numRuns: 300 },
    )
  })

  it('striking an entry out and putting it back leaves all as it was', () => {
    fc.assert(
      fc.property(journals, fc.nat(), (entries, pick) => {
        const ledger = grown(entries)
        const standing = entries.filter((e) => e.type === 'event' && ledger.journal.get(e.id))
        if (!standing.length) return
        const { id } = standing[pick % standing.length]!
        const before = structuredClone(said(ledger))
        const was = ledger.journal.get(id)!
        ledger.add({ ...stamp(500), v: 1, type: 'correction', corrects: id, becomes: null })
        expect(ledger.journal.struckOut().map((e) => e.id)).toContain(id)
        ledger.add({ ...stamp(501), v: 1, type: 'correction', corrects: id, becomes: was.event })
        const bare = (x: unknown) =>
          JSON.parse(JSON.stringify(x).replaceAll('"corrected":true', '"corrected":false')) as unknown
        expect(bare(said(ledger))).toEqual(bare(before))
      }),
    )
  })

  it('every content has a stay that is open, and every closed stay an end not before it began', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        for (const id of ['tin', 'tray'])
          for (const place of Object.values(grown(entries).places(id))) {
            const open = place.stays.filter((s) => s.until === undefined)
            expect(open).toHaveLength(place.content ? 1 : 0)
            if (place.content) expect(place.stays.at(-1)!.content).toBe(place.content)
            for (const stay of place.stays) if (stay.until) expect(stay.until >= stay.since).toBe(true)
          }
      }),
    )
  })
})

describe('a worked example', () => {
  const fill = (
    n: number,
    d: string,
    millilitres: number,
    placeId = 'A1',
    from = 't1',
    paintId = 'p',
  ): JournalEntry => ({
    ...stamp(n),
    v: 1,
    type: 'event',
    event: { kind: 'fill', day: d, paletteId: 'tin', placeId, itemId: from, paintId, millilitres, dryingDays: 6 },
  })

  it('fills, tops up from another tube, moves the pan, cleans', () => {
    const ledger = grown([
      fill(1, '2026-05-01', 1.5),
      fill(2, '2026-05-20', 0.5, 'A1', 't2'),
      {
        ...stamp(3),
        v: 1,
        type: 'event',
        event: { kind: 'exchange', day: '2026-06-01', paletteId: 'tin', placeId: 'A1', otherPlaceId: 'B2' },
      },
    ])
    const { A1, B2 } = ledger.places('tin')
    expect(A1!.content).toBeUndefined()
    expect(A1!.stays).toMatchObject([{ since: '2026-05-01', until: '2026-06-01', ended: 'moved', wentTo: 'B2' }])
    expect(pouredInto(B2!.content!)).toBe(2)
    expect(B2!.content!.layers.map((l) => l.itemId)).toEqual(['t1', 't2'])
    expect([isWet(B2!.content!, '2026-05-25'), isWet(B2!.content!, '2026-05-26')]).toEqual([true, false])
    expect(balanceOf({ millilitres: 15 }, ledger.account('t1'))).toEqual({ left: 13.5, from: 'label' })
    ledger.add({
      ...stamp(4),
      v: 1,
      type: 'event',
      event: { kind: 'measure', day: '2026-06-02', itemId: 't1', millilitres: 9 },
    })
    ledger.add(fill(5, '2026-06-03', 1))
    expect(balanceOf({ millilitres: 15 }, ledger.account('t1'))).toEqual({ left: 8, from: 'measured' })
  })

  it('refuses what is no event and asks about what is odd', () => {
    const ledger = grown([fill(1, '2026-05-01', 14.5, 'A1', 't1', 'other')])
    const bad = recordEvent({ kind: 'clean', day: '2026-13-01', paletteId: 'tin', placeId: 'A1' }, stamp(9))
    expect(bad).toMatchObject({ error: { code: 'invalid-entry', where: 'day' } })
    expect(recordEvent({ kind: 'measure', day: '2026-01-01', itemId: 't', millilitres: Number.NaN }, stamp(9)).ok).toBe(
      false,
    )
    expect(correctEvent(ledger, 'nothing', null, stamp(9))).toMatchObject({ error: { code: 'no-such-entry' } })
    const item: Item = {
      id: 't1',
      v: 2,
      paintId: 'p',
      kind: 'tube',
      millilitres: 15,
      supply: 'open',
      remarks: [],
      bought: '2026-05-10',
    }
    const palette: Palette = { id: 'tin', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan: {} }
    const doubts = doubtFilling(
      { palette, placeId: 'A1', item, millilitres: 5, day: '2026-05-02', today: '2026-05-01' },
      ledger,
    )
    expect(doubts.map((d) => d.code)).toEqual([
      'more-than-left',
      'over-the-brim',
      'other-paint',
      'before-bought',
      'in-the-future',
    ])
    expect(
      doubtFilling({ palette, placeId: 'A2', item, millilitres: 0.5, day: '2026-05-12', today: '2026-05-12' }, ledger),
    ).toEqual([])
  })
})
