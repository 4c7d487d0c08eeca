import type { FadeTest } from '../documents/fadeTest'
import { daysAfter } from '../units/calendar'
import { FADE_LOOKS } from './layScales'

/** How far a fade test is: when it is to be looked at next, and whether that is due. */
export interface FadeProgress {
  /** The day of the next look; none where it is through, or was taken out of the window. */
  next?: string
  isDue: boolean
}

/** The next look of a fade test, after one, three, six and twelve months (common practice, no source). */
export function fadeProgress({ day, looks, ended }: FadeTest, today: string): FadeProgress {
  if (ended !== undefined) return { isDue: false }
  const last = looks
    .map((l) => l.day)
    .sort()
    .at(-1)
  const next = FADE_LOOKS.map((days) => daysAfter(day, days)).find((d) => d > (last ?? day))
  return next === undefined ? { isDue: false } : { next, isDue: next <= today }
}
