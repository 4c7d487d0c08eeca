import { isDay } from '@juxtachrome/core/documents'
import { type DayOrder, readDay } from '@juxtachrome/core/paints'
import { daysAfter } from '@juxtachrome/core/units'
import { locale } from './locale'

const SPOKEN: Record<string, number> = { today: 0, yesterday: -1, tomorrow: 1 }
/** Marks that some languages put between numbers, and that nobody types. */
const UNTYPED = /[\u200e\u200f\u061c]/g

/** Which of day and month the device writes first. */
export function dayOrder(): DayOrder {
  const parts = new Intl.DateTimeFormat(locale(), { dateStyle: 'short', calendar: 'gregory' }).formatToParts(0)
  const first = parts.find((p) => p.type === 'day' || p.type === 'month')
  return first?.type === 'month' ? 'month first' : 'day first'
}

/** The month that a word begins or shortens, in the device's language or in English; 1 to 12. */
function monthCalled(word: string): number | undefined {
  const wanted = word.toLocaleLowerCase()
  if (wanted.length < 3) return undefined
  for (const language of [locale(), 'en-GB']) {
    const name = new Intl.DateTimeFormat(language, { month: 'long', timeZone: 'UTC', calendar: 'gregory' })
    const months = Array.from({ length: 12 }, (_, m) => name.format(Date.UTC(2026, m, 15)).toLocaleLowerCase())
    const found = months.findIndex((m) => m.startsWith(wanted) || wanted.startsWith(m))
    if (found >= 0) return found + 1
  }
  return undefined
}

const two = (n: number | string) => String(n).padStart(2, '0')
const valid = (year: string | number, month: number | string, day: number | string): string | undefined => {
  const iso = `${year}-${two(month)}-${two(day)}`
  return isDay(iso) ? iso : undefined
}

/**
 * A day as somebody types it into a field: as the device writes it, as lists write it, `today`, or without its year,
 * which is then this one. Undefined where it is no day.
 */
export function readTypedDay(text: string, today: string): string | undefined {
  const plain = text
    .replace(UNTYPED, '')
    .replace(/\s*([./-])\s*/g, '$1')
    .trim()
    .toLowerCase()
  if (isDay(plain)) return plain
  if (plain in SPOKEN) return daysAfter(today, SPOKEN[plain]!)
  const read = readDay(plain, dayOrder())
  if (read && !read.doubt) return read.day
  const year = today.slice(0, 4)
  const yearFirst = /^(\d{4})[./-](\d{1,2})[./-](\d{1,2})\.?$/.exec(plain)
  if (yearFirst) return valid(yearFirst[1]!, yearFirst[2]!, yearFirst[3]!)
  const numbers = /^(\d{1,2})[./-](\d{1,2})[./-]?$/.exec(plain)
  if (numbers) {
    const [day, month] = dayOrder() === 'day first' ? [numbers[1]!, numbers[2]!] : [numbers[2]!, numbers[1]!]
    return valid(year, month, day)
  }
  const words = plain.split(/[\s.,]+/).filter(Boolean)
  const month = words.flatMap((w) => (/\d/.test(w) ? [] : (monthCalled(w) ?? [])))[0]
  const figures = words.filter((w) => /^\d+$/.test(w))
  const day = figures.find((w) => w.length <= 2)
  return month && day ? valid(figures.find((w) => w.length === 4) ?? year, month, day) : undefined
}
