import type { Content } from '../ledger/stays'
import { daysAfter, daysBetween } from '../units/calendar'
import { LATER, SOONER } from './forecastDrying'

/** What a filling looks like on its way. */
export type DryingStage = 'wet' | 'skin' | 'dry'

/** A skin closes after so much of the time (judgement): below it is wet still. */
const SKIN = 0.4

/** Whether a content is wet, has a skin, or is dry on a day, as far as is known. */
export function dryingStage({ layers, dryFrom }: Content, today: string): DryingStage {
  if (today >= dryFrom) return 'dry'
  const last = layers.at(-1)!
  const whole = Math.max(1, daysBetween(last.day, dryFrom))
  return daysBetween(last.day, today) / whole >= SKIN ? 'skin' : 'wet'
}

/** The days between which it is likely to be dry: the forecast's range about the day that was recorded. */
export function dryingRange({ layers, dryFrom }: Content): { soonest: string; latest: string } {
  const last = layers.at(-1)!
  const days = Math.max(0, daysBetween(last.day, dryFrom))
  return {
    soonest: daysAfter(last.day, Math.floor(days * SOONER)),
    latest: daysAfter(last.day, Math.ceil(days * LATER)),
  }
}

/** A stage in words. */
export const STAGE_WORDS: Readonly<Record<DryingStage, string>> = {
  wet: 'wet',
  skin: 'a skin on it, wet below',
  dry: 'dry',
}
