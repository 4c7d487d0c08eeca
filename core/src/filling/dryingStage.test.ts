import { expect, it } from 'vitest'
import { daysAfter } from '../units/calendar'
import { dryingRange, dryingStage } from './dryingStage'

const DAY = '2026-05-01'
const content = (dryingDays: number, dryFrom = daysAfter(DAY, dryingDays)) => ({
  layers: [{ entryId: 'e', itemId: 't', paintId: 'p', day: DAY, millilitres: 1.5, dryingDays }],
  dryFrom,
})

it('is wet, then has a skin, then is dry', () => {
  const stages = Array.from({ length: 9 }, (_, i) => dryingStage(content(7), daysAfter(DAY, i)))
  expect(stages).toEqual(['wet', 'wet', 'wet', 'skin', 'skin', 'skin', 'skin', 'dry', 'dry'])
  expect(dryingStage(content(7, daysAfter(DAY, 2)), daysAfter(DAY, 2))).toBe('dry') // found dry
})

it('is likely dry within a range about the day', () => {
  expect(dryingRange(content(10))).toEqual({ soonest: daysAfter(DAY, 7), latest: daysAfter(DAY, 15) })
})
