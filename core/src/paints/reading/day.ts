import { isValid, parse } from 'date-fns'
import { isDay } from '../../documents/fields'

/** A day as it is written in a list: where only a month stands, its first day, and that is said. */
export interface DayRead {
  day: string
  doubt?: string
}
/** Which of two numbers is the day, where a slash leaves it open. */
export type DayOrder = 'day first' | 'month first'

const FORMS = ['d.M.yyyy', 'd.M.yy', 'd MMMM yyyy', 'd MMM yyyy', 'MMMM d, yyyy', 'MMM d, yyyy', 'd-M-yyyy']
const MONTHS = ['MMMM yyyy', 'MMM yyyy', 'yyyy-MM', 'M/yyyy']
const SLASHED = { 'day first': ['d/M/yyyy', 'd/M/yy'], 'month first': ['M/d/yyyy', 'M/d/yy'] } as const
const iso = (date: Date) =>
  [String(date.getFullYear()).padStart(4, '0'), date.getMonth() + 1, date.getDate()]
    .map((n) => String(n).padStart(2, '0'))
    .join('-')

function dayBy(forms: readonly string[], text: string): string | undefined {
  for (const form of forms) {
    const date = parse(text, form, new Date(2020, 0, 1))
    if (isValid(date) && date.getFullYear() >= 1900 && date.getFullYear() < 2100) return iso(date)
  }
  return undefined
}

/**
 * Reads a day in the forms that people write: `2024-03-02`, `02.03.2024` (with points the day stands first), `2 March
 * 2024`, `March 2, 2024`, `March 2023`, `3/2/24`. A slash leaves open which is the day: without an `order` such a text
 * is read only where one of the two is no month. Undefined where it is no day, or left open.
 */
export function readDay(text: string, order?: DayOrder): DayRead | undefined {
  const plain = text
    .trim()
    .replace(/(?<=\d)(?:st|nd|rd|th)\b/i, '')
    .replace(/\bsept\b/i, 'Sep')
    .replace(/\s+/g, ' ')
  if (isDay(plain)) return { day: plain }
  const exact = dayBy(FORMS, plain)
  if (exact) return { day: exact }
  const [dayFirst, monthFirst] = [dayBy(SLASHED['day first'], plain), dayBy(SLASHED['month first'], plain)]
  if (dayFirst ?? monthFirst) {
    const meant = order === 'day first' ? dayFirst : order === 'month first' ? monthFirst : undefined
    const only = dayFirst === monthFirst || !dayFirst || !monthFirst ? (dayFirst ?? monthFirst) : undefined
    const day = order ? (meant ?? dayFirst ?? monthFirst) : only
    return day ? { day } : undefined
  }
  const month = dayBy(MONTHS, plain)
  return month ? { day: month, doubt: `“${text.trim()}” names no day: the first of the month is kept.` } : undefined
}

/** Whether a text is a day of which a slash leaves open which number is the month. */
export const isOpenDay = (text: string): boolean => {
  const plain = text.trim()
  return /^\d{1,2}\/\d{1,2}\/\d{2,4}$/.test(plain) && !readDay(plain) && Boolean(readDay(plain, 'day first'))
}

const MONTH = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*'
const ANYWHERE = [
  String.raw`\d{4}-\d{2}-\d{2}`,
  String.raw`\d{1,2}\.\d{1,2}\.\d{2}(?:\d{2})?`,
  String.raw`\d{1,2}/\d{1,2}/\d{2}(?:\d{2})?`,
  String.raw`\d{1,2}(?:st|nd|rd|th)?\s+${MONTH}\.?\s+\d{4}`,
  String.raw`${MONTH}\s+\d{1,2},\s*\d{4}`,
  String.raw`${MONTH}\s+\d{4}`,
].join('|')
/** A day anywhere in a line. */
export const DAY_PATTERN = new RegExp(String.raw`(?<!\p{L})(?:bought\s+(?:on\s+|in\s+)?)?(${ANYWHERE})(?!\d)`, 'iu')
