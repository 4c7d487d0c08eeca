import { addDays } from 'date-fns/addDays'
import { startOfISOWeek } from 'date-fns/startOfISOWeek'
import { isDay } from '../documents/fields'

/** Days of which every copy is kept, weeks of which one is, and after that one a month (common practice, no source). */
const EVERY_DAY = 14
const EVERY_WEEK = 26

/** The file of a day's copy; one begun anew on that day, after everything was replaced, leaves the one before as it is. */
export const copyName = (day: string, number = 1): string =>
  `juxtachrome-copy-${day}${number > 1 ? `-${number}` : ''}.json`

const NAME = /^juxtachrome-copy-(\d{4}-\d{2}-\d{2})(?:-(\d{1,3}))?\.json$/
/** Which copy of its day a file is, from 1. */
const numberOfCopy = (name: string): number => Number(NAME.exec(name)?.[2] ?? 1)

/** The file of the next copy of a day: the day's newest is written anew, unless it is to be left as it is. */
export function nextCopyName(names: readonly string[], day: string, isAnother: boolean): string {
  const newest = Math.max(0, ...names.filter((n) => dayOfCopy(n) === day).map(numberOfCopy))
  return copyName(day, Math.max(1, isAnother ? newest + 1 : newest))
}

/** The day of a copy, by its file's name; undefined where the file is none of ours. */
export function dayOfCopy(name: string): string | undefined {
  const day = NAME.exec(name)?.[1]
  return day && isDay(day) ? day : undefined
}

/**
 * Which copies of a folder can go: each of the last two weeks stays, then the newest of each week for half a year, then
 * the newest of each month. Files that are none of ours are left alone.
 * @param names files in the folder
 * @param today `YYYY-MM-DD`
 */
export function copiesToThin(names: readonly string[], today: string): string[] {
  const stands = new Set<string>()
  const gone: string[] = []
  const copies = names.flatMap((name) => ({ name, day: dayOfCopy(name) ?? '' })).filter(({ day }) => day)
  const newestFirst = copies.sort((p, q) => q.day.localeCompare(p.day) || numberOfCopy(q.name) - numberOfCopy(p.name))
  for (const { name, day } of newestFirst) {
    const span = spanOf(day, today) ?? name
    if (stands.has(span)) gone.push(name)
    else stands.add(span)
  }
  return gone
}

/** The span of time of which one copy is kept, a week or a month; none where all are. */
function spanOf(day: string, today: string): string | undefined {
  const date = new Date(`${day}T12:00:00Z`)
  const now = new Date(`${today}T12:00:00Z`)
  if (date > addDays(now, -EVERY_DAY)) return undefined
  if (date > addDays(now, -7 * EVERY_WEEK)) return `week of ${startOfISOWeek(date).toISOString().slice(0, 10)}`
  return day.slice(0, 7)
}
