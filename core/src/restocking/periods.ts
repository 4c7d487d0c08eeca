import { addDays, addMonths, format, parseISO } from 'date-fns'
import type { Budget } from '../documents/budget'

export const DAYS_A_YEAR = 365

/** The first day of a period of a budget, counted from 0. Months go from day to day of the month, at its end where it is shorter. */
export function startOf({ from, period }: Pick<Budget, 'from' | 'period'>, index: number): string {
  const first = parseISO(from)
  const day = period === 'month' ? addMonths(first, index) : addDays(first, index * (period === 'week' ? 7 : 14))
  return format(day, 'yyyy-MM-dd')
}
