import { describe, expect, it } from 'vitest'
import { tin } from '../documents/documents.fixture'
import type { PaletteState } from '../ledger/stays'
import type { Event } from '../documents/journal/event'
import { stamp } from '../ledger/journal.arbitrary'
import { Ledger } from '../ledger/ledger'
import { pansForTrip, takenForTrip } from './trip'

const content = (paintId: string) => ({
  layers: [{ entryId: 'e', itemId: 't', paintId, day: '2026-05-01', millilitres: 1.5, dryingDays: 5 }],
  dryFrom: '2026-05-06',
})
const palette = {
  ...tin,
  plan: {
    A1: { paintId: 'a' },
    A2: { paintId: 'b' },
    A3: { paintId: 'c' },
    A4: { paintId: 'a' },
    A5: { reserved: '' },
  },
}
const state: PaletteState = new Map([['A1', { vesselId: 'tin/A1', content: content('a'), stays: [] }]])

it('takes from the loose pans what is planned and does not lie there, each pan once and of its size', () => {
  const found = pansForTrip(palette, state, [
    { vesselId: 'x', size: 'half pan', paintId: 'b' },
    { vesselId: 'y', size: 'full pan', paintId: 'c' },
    { vesselId: 'z', size: 'half pan', paintId: 'a' },
    { vesselId: 'empty', size: 'half pan' },
  ])
  expect(found.puts.map((p) => [p.placeId, p.vesselId])).toEqual([
    ['A2', 'x'],
    ['A4', 'z'],
  ])
  expect(found.missing).toEqual([{ placeId: 'A3', paintId: 'c' }])
})

it('takes a dry pan before one that is wet, and says which are', () => {
  const wet = { vesselId: 'wet', size: 'half pan', paintId: 'b', wetUntil: '2026-05-09' } as const
  const dry = { vesselId: 'dry', size: 'half pan', paintId: 'b' } as const
  expect(pansForTrip(palette, state, [wet, dry]).puts).toEqual([{ vesselId: 'dry', placeId: 'A2', paintId: 'b' }])
  expect(pansForTrip(palette, state, [wet]).puts[0]).toMatchObject({ vesselId: 'wet', wetUntil: '2026-05-09' })
})

describe('after a trip', () => {
  const at = (placeId: string) => ({ paletteId: 'tin', placeId })
  const event = (day: string, event: Record<string, unknown>) => ({ day, ...event }) as Event
  const stow = (vesselId: string, kind: string, words?: string) =>
    event('2026-04-01', { kind: 'stow', vessel: { vesselId }, where: { kind, ...(words ? { words } : {}) } })
  const put = (day: string, vesselId: string, placeId: string) =>
    event(day, { kind: 'put', vessel: { vesselId }, place: at(placeId) })
  const fill = (placeId: string) =>
    event('2026-04-01', {
      kind: 'fill',
      vessel: at(placeId),
      itemId: 't',
      paintId: 'a',
      millilitres: 1.5,
      dryingDays: 5,
    })
  const ledgerOf = (...events: Event[]) =>
    new Ledger(events.map((e, i) => ({ ...stamp(i), v: 2 as const, type: 'event' as const, event: e })))
  const taken = (ledger: Ledger) => takenForTrip(tin, ledger.places('tin'), (id) => ledger.vessel(id))

  it('goes back what was taken for it, each where it lay, and nothing else', () => {
    const ledger = ledgerOf(
      fill('A1'),
      stow('x', 'master set'),
      stow('y', 'tin', 'summer'),
      stow('z', 'master set'),
      put('2026-04-10', 'z', 'A5'),
      put('2026-05-01', 'x', 'A2'),
      put('2026-05-01', 'y', 'A3'),
      // a fresh pan was never among the loose ones
      put('2026-05-01', 'new', 'A4'),
    )
    expect(taken(ledger)).toEqual({
      day: '2026-05-01',
      back: [
        { where: { kind: 'master set' }, vesselIds: ['x'] },
        { where: { kind: 'tin', words: 'summer' }, vesselIds: ['y'] },
      ],
    })
    expect(taken(ledgerOf(fill('A1')))).toBeUndefined()
  })

  it('no pans appear that nobody spoke of, however often it is packed and unpacked', () => {
    const events = [stow('x', 'master set'), put('2026-05-01', 'x', 'A4')]
    expect(ledgerOf(...events).looseVessels()).toEqual([])
    const back = event('2026-05-20', { kind: 'stow', vessel: { vesselId: 'x' }, where: { kind: 'master set' } })
    const again = ledgerOf(...events, back, put('2026-06-01', 'x', 'A4'))
    expect(ledgerOf(...events, back).looseVessels()).toEqual(['x'])
    expect(again.looseVessels()).toEqual([])
    // a pan that was filled comes out, and is one
    expect(ledgerOf(fill('A4'), ...events).looseVessels()).toEqual(['tin/A4'])
  })
})
