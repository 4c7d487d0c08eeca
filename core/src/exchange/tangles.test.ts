import { expect, it } from 'vitest'
import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { tube } from '../documents/documents.fixture'
import { stamp } from '../ledger/journal.arbitrary'
import { Ledger } from '../ledger/ledger'
import { tanglesOf } from './tangles'

const place = (placeId: string) => ({ paletteId: 'tin', placeId })
const fill = (placeId: string, paintId: string, millilitres: number): Event => ({
  kind: 'fill',
  day: '2026-05-01',
  vessel: place(placeId),
  itemId: 't1',
  paintId,
  millilitres,
  dryingDays: 2,
})
const put = (vesselId: string, placeId: string): Event => ({
  kind: 'put',
  day: '2026-05-02',
  vessel: { vesselId },
  place: place(placeId),
})
const entries = (from: number, ...events: Event[]): JournalEntry[] =>
  events.map((event, i) => ({ ...stamp(from + i), v: 2, type: 'event', event }))
const items = new Map([['t1', tube('t1', 'p')]])

function found(here: JournalEntry[], there: JournalEntry[], before: JournalEntry[] = []) {
  return tanglesOf(new Ledger([...before, ...here, ...there]), items, { here, there })
}

it('names a tube that was drawn below nothing, by how much', () => {
  const before = entries(1, fill('A1', 'p', 10))
  expect(found(entries(10, fill('A2', 'p', 4)), entries(20, fill('A3', 'p', 3)), before)).toEqual([
    { is: 'overdrawn', itemId: 't1', paintId: 'p', by: 2 },
  ])
  expect(found(entries(10, fill('A2', 'p', 4)), [], before)).toEqual([])
})

it('names a pan that was put into two places, and none that went to the same', () => {
  expect(found(entries(1, put('pan-1', 'A1')), entries(5, put('pan-1', 'A2')))).toEqual([
    { is: 'pan in two places', vesselId: 'pan-1', places: [place('A1'), place('A2')] },
  ])
  expect(found(entries(1, put('pan-1', 'A1')), entries(5, put('pan-1', 'A1')))).toEqual([])
  // moved twice on one side alone
  expect(found(entries(1, put('pan-1', 'A1'), put('pan-1', 'A2')), [])).toEqual([])
})

it('names a place that was filled with two paints; what was struck out counts for nothing', () => {
  const [here, there] = [entries(1, fill('A1', 'p', 1)), entries(5, fill('A1', 'q', 1))]
  expect(found(here, there)).toEqual([{ is: 'two fillings of a place', place: place('A1'), paintIds: ['p', 'q'] }])
  const struck: JournalEntry = { ...stamp(9), v: 2, type: 'correction', corrects: there[0]!.id, becomes: null }
  expect(found(here, [...there, struck])).toEqual([])
})
