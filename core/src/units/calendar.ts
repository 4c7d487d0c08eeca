import { addDays, differenceInCalendarDays, format, parseISO } from 'date-fns'

/** The calendar day of a moment, `YYYY-MM-DD`, in local time. */
export const dayOf = (moment: Date): string => format(moment, 'yyyy-MM-dd')

/** The day that many days later; part days count up. */
export const daysAfter = (day: string, count: number): string => dayOf(addDays(parseISO(day), Math.ceil(count)))

/** Whole days from one day to another; negative when it lies before. */
export const daysBetween = (from: string, to: string): number => differenceInCalendarDays(parseISO(to), parseISO(from))

/** `14 May 2026` */
export const dayInWords = (day: string): string => format(parseISO(day), 'd MMM yyyy')
