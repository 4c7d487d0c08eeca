import { expect, it } from 'vitest'
import { tin, tube } from '../documents/documents.fixture'
import type { Event } from '../documents/journal/event'
import { stamp } from '../ledger/journal.arbitrary'
import { Ledger } from '../ledger/ledger'
import { daysAfter } from '../units/calendar'
import { isFilledFrom, isOverdue, oldTubes, rateOfUse, toLookAt, unfinishedIn, unusedSince, usedUpOn } from './due'

const TODAY = '2026-07-01'
const fill = (ago: number, millilitres: number, placeId = 'A1', more = 0, dryingDays = 4): Event => ({
  kind: 'fill',
  day: daysAfter(TODAY, -ago),
  vessel: { paletteId: 'tin', placeId },
  itemId: 't',
  paintId: 'p',
  millilitres,
  dryingDays,
  ...(more ? { more } : {}),
})
const ledgerOf = (...events: Event[]) =>
  new Ledger(events.map((event, i) => ({ ...stamp(i), v: 2, type: 'event', event })))

it('the rate of use counts the last half year; what is left lasts accordingly', () => {
  const ledger = ledgerOf(fill(300, 9), fill(100, 1.2), fill(10, 0.6))
  const rate = rateOfUse([ledger.account('t')], TODAY)
  expect(rate).toBeCloseTo(0.01, 9) // 1.8 ml in 180 days
  expect(usedUpOn(3, rate, TODAY)).toBe(daysAfter(TODAY, 300))
  expect(usedUpOn(0, rate, TODAY)).toBe(TODAY)
  expect(usedUpOn(3, 0, TODAY)).toBeUndefined()
  expect(usedUpOn(100, rate, TODAY)).toBeUndefined()
})

it('one filling, or one day of filling, says nothing of how fast a paint is used', () => {
  const day = [ledgerOf(fill(10, 1.2), fill(10, 1.2, 'A2')).account('t')]
  expect(rateOfUse(day, TODAY)).toBe(0)
  expect(isFilledFrom(day, TODAY)).toBe(true)
  expect(isFilledFrom([ledgerOf(fill(300, 9)).account('t')], TODAY)).toBe(false)
})

it('a filling begun in thirds is unfinished until its third layer; one that was filled at once is not', () => {
  const third = unfinishedIn(tin, ledgerOf(fill(9, 0.6, 'A1', 2), fill(3, 1.5, 'A2'), fill(2, 0.6, 'A3')).places('tin'))
  expect(third).toEqual([{ placeId: 'A1', wants: 2, from: daysAfter(TODAY, -5) }])
  const whole = ledgerOf(fill(20, 0.6, 'A1', 2), fill(15, 0.6, 'A1', 1), fill(9, 0.6))
  expect(unfinishedIn(tin, whole.places('tin'))).toEqual([])
})

it('what should be dry is to be looked at for a week, unless somebody has', () => {
  const events = [fill(5, 0.6), fill(20, 0.6, 'A2'), fill(2, 0.6, 'A3')]
  expect(toLookAt(tin, ledgerOf(...events).places('tin'), TODAY)).toEqual([
    { placeId: 'A1', since: daysAfter(TODAY, -1) },
  ])
  const dry: Event = { kind: 'dry', day: daysAfter(TODAY, -2), vessel: { paletteId: 'tin', placeId: 'A1' } }
  expect(toLookAt(tin, ledgerOf(...events, dry).places('tin'), TODAY)).toEqual([])
})

it('a palette that holds paint and was not used for half a year, and a loan of two months, are said', () => {
  const state = ledgerOf(fill(200, 1)).places('tin')
  expect(unusedSince(state, [], TODAY)).toBe(daysAfter(TODAY, -200))
  expect(unusedSince(state, [daysAfter(TODAY, -190)], TODAY)).toBe(daysAfter(TODAY, -190))
  expect(unusedSince(state, [daysAfter(TODAY, -10)], TODAY)).toBeUndefined()
  expect(unusedSince(ledgerOf(fill(20, 1)).places('tin'), [], TODAY)).toBeUndefined()
  expect(unusedSince(new Map(), [], TODAY)).toBeUndefined()
  expect([isOverdue(daysAfter(TODAY, -61), TODAY), isOverdue(daysAfter(TODAY, -20), TODAY)]).toEqual([true, false])
})

it('old tubes that nobody looked at, the oldest first', () => {
  const of = (id: string, bought: string, supply: 'open' | 'empty' = 'open') => ({ ...tube(id, 'p'), bought, supply })
  const items = [
    of('b', '2019-01-01'),
    of('a', '2017-01-01'),
    of('new', '2025-01-01'),
    of('gone', '2010-01-01', 'empty'),
    of('t', '2015-01-01'),
  ]
  const ledger = ledgerOf(fill(10, 1))
  expect(oldTubes(items, (id) => ledger.account(id), TODAY).map((i) => i.id)).toEqual(['a', 'b'])
  const looked = items.map((i) => (i.id === 'a' ? { ...i, lookedAt: daysAfter(TODAY, -20) } : i))
  expect(oldTubes(looked, (id) => ledger.account(id), TODAY).map((i) => i.id)).toEqual(['b'])
})
