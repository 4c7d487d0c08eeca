import { addDays } from 'date-fns/addDays'
import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays'
import { lightFormat } from 'date-fns/lightFormat'
import { parseISO } from 'date-fns/parseISO'

// the full formatter carries every language's words with it; these twelve are all that is needed
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/** The calendar day of a moment, `YYYY-MM-DD`, in local time. */
export const dayOf = (moment: Date): string => lightFormat(moment, 'yyyy-MM-dd')

/** The day that many days later; part days count up. */
export function daysAfter(day: string, count: number): string {
  const asked = `${day}+${Math.ceil(count)}`
  const known = reckoned.get(asked)
  if (known !== undefined) return known
  if (reckoned.size >= MOST_KEPT) reckoned.clear()
  const later = dayOf(addDays(parseISO(day), Math.ceil(count)))
  reckoned.set(asked, later)
  return later
}
const reckoned = new Map<string, string>()
/** A long journal asks for the same days again and again; this many answers are kept. */
const MOST_KEPT = 20_000

/** Whole days from one day to another; negative when it lies before. */
export const daysBetween = (from: string, to: string): number => differenceInCalendarDays(parseISO(to), parseISO(from))

/** `14 May 2026` */
export function dayInWords(day: string): string {
  const date = parseISO(day)
  return `${date.getDate()} ${MONTHS[date.getMonth()]} ${date.getFullYear()}`
}
