import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { ownVesselOf } from '../documents/journal/vessel'
import { balanceOf } from './items'
import { ITEMS, journals, LOOSE, PALETTES, PLACES, stamp } from './journal.arbitrary'
import { fillsFrom, Ledger } from './ledger'
import { isWet, mainPaintOf, pouredInto, type Stay } from './stays'
import { runs } from '../../../tests/setup/runs'

const allVessels = [...PALETTES.flatMap((p) => PLACES.map((q) => ownVesselOf({ paletteId: p, placeId: q }))), ...LOOSE]

/** Everything a ledger says, as plain data. */
const said = (ledger: Ledger) => ({
  items: Object.fromEntries(ITEMS.map((id) => [id, ledger.account(id)])),
  places: Object.fromEntries(PALETTES.map((id) => [id, Object.fromEntries(ledger.places(id))])),
  vessels: allVessels.map((id) => ledger.vessel(id)),
  events: PALETTES.map((id) => ledger.eventsOf(id)),
  loose: ledger.looseVessels().sort(),
})
/** Unlike `said`, without places that were looked at and found as they came. */
const telling = (ledger: Ledger) => {
  const all = said(ledger)
  const places = Object.entries(all.places).map(([id, state]) => [
    id,
    Object.entries(state).filter(([placeId, s]) => s.stays.length || s.vesselId !== `${id}/${placeId}`),
  ])
  return { ...all, places, loose: all.loose.filter((id) => ledger.vessel(id).stays.length) }
}
const grown = (entries: Iterable<JournalEntry>) => {
  const ledger = new Ledger()
  for (const e of entries) ledger.add(e)
  return ledger
}
const event = (n: number, e: Event): JournalEntry => ({ ...stamp(n), v: 2, type: 'event', event: e })

it('an entry that cannot be is refused, and nothing is taken in', () => {
  const ledger = new Ledger()
  expect(ledger.add(fill(1, '2026-05-01', Number.NaN))).toMatchObject({ ok: false })
  expect(ledger.account('t1')).toEqual(new Ledger().account('t1'))
})

describe('the ledger, for any journal', () => {
  it('kept up entry by entry says the same as worked out anew', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        expect(telling(grown(entries))).toEqual(telling(new Ledger(entries)))
      }),
      { numRuns: runs(300) },
    )
  })

  it('names every palette and item of which it says something new', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        const ledger = new Ledger()
        for (const entry of entries) {
          const before = {
            places: PALETTES.map((id) => ledger.places(id)),
            items: ITEMS.map((id) => ledger.account(id)),
          }
          const frozen = structuredClone(before)
          const added = ledger.add(entry)
          if (!added.ok) throw new Error(added.error.message)
          const { palettes, items } = added.value
          expect(before).toEqual(frozen)
          PALETTES.forEach((id, i) => {
            if (!palettes.has(id)) expect(ledger.places(id)).toEqual(frozen.places[i])
          })
          ITEMS.forEach((id, i) => {
            if (!items.has(id)) expect(ledger.account(id)).toEqual(frozen.items[i])
          })
        }
      }),
    )
  })

  it('does not depend on the order in which entries arrive, nor on their arriving twice', () => {
    const twice = (e: JournalEntry[]) =>
      fc.tuple(fc.constant(e), fc.shuffledSubarray([...e, ...e], { minLength: e.length * 2, maxLength: e.length * 2 }))
    fc.assert(
      fc.property(journals.chain(twice), ([entries, shuffled]) => {
        expect(telling(grown(shuffled))).toEqual(telling(new Ledger(entries)))
      }),
    )
  })

  it('what was drawn from items is what was poured into vessels, to the microlitre', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        const ledger = grown(entries)
        const drawn = ITEMS.reduce((sum, id) => sum + Math.round(ledger.account(id).drawn * 1000), 0)
        const layers = new Map<string, number>()
        for (const id of allVessels)
          for (const stay of ledger.vessel(id).stays)
            for (const l of stay.content.layers) layers.set(l.entryId, l.millilitres)
        const filled = [...layers.values()].reduce((sum, v) => sum + Math.round(v * 1000), 0)
        expect(filled).toBe(drawn)
        expect(ITEMS.reduce((n, id) => n + fillsFrom(ledger.account(id)).length, 0)).toBe(layers.size)
      }),
      { numRuns: runs(300) },
    )
  })

  it('a pan is in one place at a time, and a place holds one vessel', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        const ledger = grown(entries)
        const lying = new Map<string, string>()
        for (const paletteId of PALETTES)
          for (const [placeId, { vesselId, content }] of ledger.places(paletteId)) {
            if (vesselId === undefined) {
              expect(content).toBeUndefined()
              continue
            }
            expect(lying.get(vesselId)).toBeUndefined()
            lying.set(vesselId, ownVesselOf({ paletteId, placeId }))
            expect(ledger.vessel(vesselId)).toMatchObject({ at: { paletteId, placeId } })
            expect(ledger.vessel(vesselId).content).toEqual(content)
          }
        for (const id of ledger.looseVessels()) expect([...lying.keys()]).not.toContain(id)
      }),
      { numRuns: runs(300) },
    )
  })

  it('striking an entry out and putting it back leaves all as it was', () => {
    fc.assert(
      fc.property(journals, fc.nat(), (entries, pick) => {
        const ledger = grown(entries)
        const standing = entries.filter((e) => e.type === 'event' && ledger.journal.get(e.id))
        if (!standing.length) return
        const { id } = standing[pick % standing.length]!
        const before = structuredClone(telling(ledger))
        const was = ledger.journal.get(id)!
        ledger.add({ ...stamp(500), v: 2, type: 'correction', corrects: id, becomes: null })
        expect(ledger.journal.struckOut().map((e) => e.id)).toContain(id)
        ledger.add({ ...stamp(501), v: 2, type: 'correction', corrects: id, becomes: was.event })
        const bare = (x: unknown) => JSON.parse(JSON.stringify(x).replaceAll('"corrected":true', '"corrected":false'))
        expect(bare(telling(ledger))).toEqual(bare(before))
      }),
    )
  })

  it('every content has a stay that is open, and every closed stay an end not before it began', () => {
    fc.assert(
      fc.property(journals, (entries) => {
        const ledger = grown(entries)
        const check = ({ content, stays }: { content?: unknown; stays: readonly Stay[] }) => {
          expect(stays.filter((s) => s.until === undefined)).toHaveLength(content ? 1 : 0)
          if (content) expect(stays.at(-1)!.content).toEqual(content)
          for (const stay of stays) if (stay.until) expect(stay.until >= stay.since).toBe(true)
        }
        for (const id of PALETTES) for (const place of ledger.places(id).values()) check(place)
        for (const id of allVessels) check(ledger.vessel(id))
      }),
    )
  })
})

const A1 = { paletteId: 'tin', placeId: 'A1' }
const B2 = { paletteId: 'tin', placeId: 'B2' }
const fill = (
  n: number,
  day: string,
  millilitres: number,
  vessel: { paletteId: string; placeId: string } | { vesselId: string } = A1,
  itemId = 't1',
  paintId = 'p',
) => event(n, { kind: 'fill', day, vessel, itemId, paintId, millilitres, dryingDays: 6 })

describe('a worked example', () => {
  it('fills, tops up from another tube, moves the pan, cleans', () => {
    const ledger = grown([
      fill(1, '2026-05-01', 1.5),
      fill(2, '2026-05-20', 0.5, A1, 't2'),
      event(3, { kind: 'exchange', day: '2026-06-01', place: A1, other: B2 }),
    ])
    const state = ledger.places('tin')
    expect(state.get('A1')!.content).toBeUndefined()
    expect(state.get('A1')!.stays).toMatchObject([
      { since: '2026-05-01', until: '2026-06-01', ended: 'moved', wentTo: B2 },
    ])
    const content = state.get('B2')!.content!
    expect(pouredInto(content)).toBe(2)
    expect(content.layers.map((l) => l.itemId)).toEqual(['t1', 't2'])
    expect([isWet(content, '2026-05-25'), isWet(content, '2026-05-26')]).toEqual([true, false])
    expect(balanceOf({ millilitres: 15 }, ledger.account('t1'))).toEqual({ left: 13.5, from: 'label' })
    ledger.add(event(4, { kind: 'measure', day: '2026-06-02', itemId: 't1', millilitres: 9 }))
    ledger.add(fill(5, '2026-06-03', 1))
    expect(balanceOf({ millilitres: 15 }, ledger.account('t1'))).toEqual({ left: 8, from: 'measured' })
  })

  it('a pan goes to another palette and comes back, with its contents and its history', () => {
    const pan = { vesselId: 'tin/A1' }
    const tray = { paletteId: 'tray', placeId: 'C1' }
    const ledger = grown([
      fill(1, '2026-05-01', 1.5),
      event(2, { kind: 'put', day: '2026-05-10', vessel: pan, place: tray }),
      fill(3, '2026-05-12', 0.4, pan),
      event(4, { kind: 'put', day: '2026-05-20', vessel: pan, place: A1 }),
    ])
    expect(ledger.places('tray').get('C1')!.vesselId).toBeUndefined()
    expect(ledger.places('tray').get('C1')!.stays).toMatchObject([
      { since: '2026-05-10', until: '2026-05-20', cameFrom: A1, wentTo: A1 },
    ])
    const { content, vesselId, stays } = ledger.places('tin').get('A1')!
    expect([vesselId, pouredInto(content!), stays.length]).toEqual(['tin/A1', 1.9, 2])
    expect(ledger.vessel('tin/A1').stays.map((s) => [s.at?.placeId, s.content.layers.length])).toEqual([
      ['A1', 1],
      ['C1', 2],
      ['A1', 2],
    ])
    expect(ledger.vessel('tray/C1').at).toBeUndefined()
    // of the pan that belongs there nobody ever said anything: it is no loose one
    expect(ledger.looseVessels()).toEqual([])
    expect(ledger.placesOf(stamp(3).id)).toEqual([tray])
    expect(ledger.eventsOf('tray').map((e) => e.entryId)).toEqual([2, 3, 4].map((n) => stamp(n).id))
  })

  it('a pan put where another lies takes its place; the other lies loose and keeps what is in it', () => {
    const ledger = grown([
      fill(1, '2026-05-01', 1, A1, 't1', 'p'),
      fill(2, '2026-05-01', 1, B2, 't1', 'q'),
      event(3, { kind: 'put', day: '2026-05-09', vessel: A1, place: B2 }),
    ])
    expect(mainPaintOf(ledger.places('tin').get('B2')!.content!)).toBe('p')
    expect(ledger.places('tin').get('A1')!.vesselId).toBeUndefined()
    expect(ledger.looseVessels()).toEqual(['tin/B2'])
    expect(mainPaintOf(ledger.vessel('tin/B2').content!)).toBe('q')
    ledger.add(event(4, { kind: 'put', day: '2026-05-10', vessel: { vesselId: 'tin/B2' }, place: A1 }))
    expect(ledger.places('tin').get('A1')!.stays.at(-1)).toMatchObject({ cameFrom: 'loose', since: '2026-05-10' })
  })

  it('a top-up dries when the later of the two is dry, and not before', () => {
    const ledger = grown([fill(1, '2026-05-10', 1)])
    expect(ledger.places('tin').get('A1')!.content!.dryFrom).toBe('2026-05-16')
    ledger.add(event(2, { kind: 'dry', day: '2026-05-12', vessel: A1 }))
    expect(ledger.places('tin').get('A1')!.content!.dryFrom).toBe('2026-05-12')
    ledger.add(fill(3, '2026-05-13', 0.2))
    expect(ledger.places('tin').get('A1')!.content!.dryFrom).toBe('2026-05-19')
    const quick: Event = {
      kind: 'fill',
      day: '2026-05-14',
      vessel: A1,
      itemId: 't1',
      paintId: 'p',
      millilitres: 0.1,
      dryingDays: 1,
    }
    ledger.add(event(4, quick))
    expect(ledger.places('tin').get('A1')!.content!.dryFrom).toBe('2026-05-19')
  })

  it('a place mainly holds the paint there is most of, the earlier one where they are equal', () => {
    const content = (...layers: [string, number][]) => ({
      dryFrom: '2026-05-01',
      layers: layers.map(([paintId, millilitres], i) => ({
        entryId: `e${i}`,
        itemId: 't',
        paintId,
        day: '2026-05-01',
        millilitres,
        dryingDays: 1,
      })),
    })
    expect(mainPaintOf(content(['p', 0.4], ['q', 1], ['p', 0.5]))).toBe('q')
    expect(mainPaintOf(content(['p', 0.6], ['q', 1], ['p', 0.5]))).toBe('p')
    expect(mainPaintOf(content(['p', 1], ['q', 1]))).toBe('p')
  })

  it('of two corrections recorded at one moment the one with the later id holds', () => {
    const at = '2026-07-01T00:00:00.000Z'
    const correction = (id: string, millilitres: number): JournalEntry => ({
      id,
      v: 2,
      recorded: at,
      type: 'correction',
      corrects: stamp(1).id,
      becomes: { kind: 'fill', day: '2026-05-01', vessel: A1, itemId: 't1', paintId: 'p', millilitres, dryingDays: 6 },
    })
    for (const entries of [
      [correction('a', 2), correction('b', 3)],
      [correction('b', 3), correction('a', 2)],
    ])
      expect(grown([fill(1, '2026-05-01', 1.5), ...entries]).account('t1').drawn).toBe(3)
    const later = { ...correction('a', 4), recorded: '2026-07-01T00:00:00.001Z' }
    expect(grown([fill(1, '2026-05-01', 1.5), later, correction('b', 3)]).account('t1').drawn).toBe(4)
  })

  it('cleaning ends a stay as cleaned; exchanging a place with itself changes nothing', () => {
    const ledger = grown([
      fill(1, '2026-05-01', 1),
      event(2, { kind: 'exchange', day: '2026-05-02', place: A1, other: A1 }),
      event(3, { kind: 'clean', day: '2026-05-03', vessel: A1 }),
    ])
    expect(ledger.places('tin').get('A1')!.stays).toMatchObject([
      { since: '2026-05-01', until: '2026-05-03', ended: 'cleaned' },
    ])
    expect(ledger.places('tin').get('A1')!.stays).toHaveLength(1)
  })

  it('amounts add up exactly, however many', () => {
    const many = Array.from({ length: 1000 }, (_, n) => fill(n, '2026-05-01', 0.1))
    expect(new Ledger(many).account('t1').drawn).toBe(100)
    expect(balanceOf({ millilitres: 100.3 }, new Ledger(many).account('t1')).left).toBe(0.3)
  })

  it('a place may be called anything', () => {
    for (const placeId of ['constructor', '__proto__', 'toString', 'valueOf']) {
      const ledger = grown([fill(1, '2026-05-01', 1, { paletteId: 'tin', placeId })])
      expect(ledger.places('tin').get(placeId)!.content!.layers).toHaveLength(1)
      expect(ledger.places(placeId).size).toBe(0)
      expect(ledger.account(placeId).drawn).toBe(0)
    }
  })
})
