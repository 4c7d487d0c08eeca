import { dayOf, daysBetween } from '@juxtachrome/core/units'
import { dayInWords, hourInWords } from './days'
import { useToday } from '~/shared/ui/useToday'

/** Days as one speaks of them. */
export function useDayWords() {
  const today = useToday()

  /** `today`, `yesterday`, `3 days ago`, then the day. */
  function agoInWords(day: string): string {
    const ago = daysBetween(day, today.value)
    if (ago < 0 || ago > 13) return dayInWords(day)
    return ago === 0 ? 'today' : ago === 1 ? 'yesterday' : `${ago} days ago`
  }

  /** A moment, with the hour where it was not long ago: `today, 14:05`. */
  function momentInWords(moment: string): string {
    const date = new Date(moment)
    const day = dayOf(date)
    return daysBetween(day, today.value) < 2 ? `${agoInWords(day)}, ${hourInWords(date)}` : agoInWords(day)
  }
  return { agoInWords, momentInWords }
}
