import { locale } from './locale'

const writers = new Map<string, Intl.DateTimeFormat>()

/** By the order of the device's locale, in Latin digits and this calendar, since the words round it are English. */
function writer(): Intl.DateTimeFormat {
  const language = locale()
  const known =
    writers.get(language) ??
    new Intl.DateTimeFormat(language, {
      dateStyle: 'medium',
      timeZone: 'UTC',
      numberingSystem: 'latn',
      calendar: 'gregory',
    })
  writers.set(language, known)
  return known
}

/** A calendar day, `YYYY-MM-DD`, as the device writes days: `14 May 2026`, `14.05.2026`. The one place where days become text. */
export const dayInWords = (day: string): string => writer().format(new Date(`${day}T12:00:00Z`))

/** The month of a day, shortly: `May`. */
export const monthInWords = (day: string): string =>
  new Intl.DateTimeFormat(locale(), { month: 'short', timeZone: 'UTC', calendar: 'gregory' }).format(
    new Date(`${day}T12:00:00Z`),
  )

/** An hour of the day, `14:05`. */
export const hourInWords = (moment: Date): string =>
  new Intl.DateTimeFormat(locale(), {
    hour: '2-digit',
    minute: '2-digit',
    numberingSystem: 'latn',
  }).format(moment)
