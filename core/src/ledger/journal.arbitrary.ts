import fc from 'fast-check'
import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { ownVesselOf, type VesselRef } from '../documents/journal/vessel'

/** Journals as they could come about, for property tests. */
export const PALETTES = ['tin', 'tray'] as const
export const PLACES = ['A1', 'A2', 'A3'] as const
export const ITEMS = ['t1', 't2', 't3'] as const
export const LOOSE = ['pan-1', 'pan-2'] as const

const day = fc.integer({ min: 1, max: 28 }).map((d) => `2026-05-${String(d).padStart(2, '0')}`)
const place = fc.record({ paletteId: fc.constantFrom(...PALETTES), placeId: fc.constantFrom(...PLACES) })
const vessel: fc.Arbitrary<VesselRef> = fc.oneof(
  { weight: 3, arbitrary: place },
  { weight: 2, arbitrary: place.map((p) => ({ vesselId: ownVesselOf(p) })) },
  fc.constantFrom(...LOOSE).map((vesselId) => ({ vesselId })),
)
const amount = fc.integer({ min: 1, max: 4000 }).map((n) => n / 1000)

const fill = fc.record({
  kind: fc.constant('fill' as const),
  day,
  vessel,
  itemId: fc.constantFrom(...ITEMS),
  paintId: fc.constantFrom('p', 'q'),
  millilitres: amount,
  dryingDays: fc.integer({ min: 0, max: 9 }),
})
export const events: fc.Arbitrary<Event> = fc.oneof(
  { weight: 5, arbitrary: fill },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('clean' as const), day, vessel }) },
  fc.record({ kind: fc.constant('dry' as const), day, vessel }),
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('exchange' as const), day, place, other: place }) },
  { weight: 2, arbitrary: fc.record({ kind: fc.constant('put' as const), day, vessel, place }) },
  fc.record({ kind: fc.constant('takeOut' as const), day, vessel }),
  fc.record({
    kind: fc.constant('stow' as const),
    day,
    vessel,
    where: fc.constantFrom(
      { kind: 'master set' as const },
      { kind: 'lent' as const, words: 'Una' },
      { kind: 'thrown away' as const },
    ),
  }),
  fc.record({
    kind: fc.constant('measure' as const),
    day,
    itemId: fc.constantFrom(...ITEMS),
    millilitres: amount,
  }),
)

export const stamp = (n: number) => ({
  id: `e${String(n).padStart(4, '0')}`,
  recorded: new Date(Date.UTC(2026, 5, 1) + n * 1000).toISOString(),
})

const step = fc.oneof(
  { weight: 3, arbitrary: fc.record({ event: events }) },
  fc.record({ target: fc.nat(), becomes: fc.option(events) }),
)

/** Events, and corrections that change or strike out an earlier event. */
export const journals: fc.Arbitrary<JournalEntry[]> = fc.array(step, { maxLength: 40 }).map((steps) => {
  const entries: JournalEntry[] = []
  steps.forEach((s, n) => {
    const known = entries.filter((e) => e.type === 'event')
    if ('event' in s) entries.push({ ...stamp(n), v: 2, type: 'event', event: s.event })
    else if (known.length)
      entries.push({
        ...stamp(n),
        v: 2,
        type: 'correction',
        corrects: known[s.target % known.length]!.id,
        becomes: s.becomes,
      })
  })
  return entries
})
