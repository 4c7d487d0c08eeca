import type { Sitting } from '@juxtachrome/core/ledger'
import { daysAfter, daysBetween } from '@juxtachrome/core/units'
import type { Stretch } from '@juxtachrome/core/using'

/** Over which stretch of time use is reviewed. */
export const STRETCHES = ['all time', 'this season', 'the last trip'] as const
export type StretchName = (typeof STRETCHES)[number]

const SEASON = 120
/** Paintings with no longer pause than this between them are of one trip, days (judgement). */
const PAUSE = 6

/** The days of a stretch: the last months, or the last run of paintings without a longer pause. */
export function stretchOf(name: StretchName, today: string, sittings: readonly Sitting[]): Stretch {
  if (name === 'all time') return {}
  if (name === 'this season') return { from: daysAfter(today, -SEASON), to: today }
  const days = sittings.map((s) => s.event.day)
  let from = days.at(-1)
  for (let i = days.length - 2; i >= 0; i -= 1) {
    if (daysBetween(days[i]!, from!) > PAUSE) break
    from = days[i]!
  }
  return from ? { from, to: days.at(-1)! } : {}
}
