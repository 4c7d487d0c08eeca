import { saveFile } from './saveFile'

export interface CalendarDay {
  id: string
  day: string
  title: string
  text: string
}

/** All-day entries as an iCalendar file (RFC 5545). */
export async function calendarText(name: string, days: readonly CalendarDay[], now = new Date()): Promise<string> {
  const { ICalCalendar } = await import('ical-generator')
  const calendar = new ICalCalendar({ name, prodId: { company: 'Juxtachrome', product: 'Juxtachrome' } })
  for (const { id, day, title, text } of days) {
    const [year, month, date] = day.split('-').map(Number) as [number, number, number]
    calendar.createEvent({
      id,
      stamp: now,
      start: new Date(year, month - 1, date),
      allDay: true,
      summary: title,
      description: text,
    })
  }
  return calendar.toString()
}

export async function saveCalendar(file: string, name: string, days: readonly CalendarDay[]): Promise<void> {
  saveFile(file, await calendarText(name, days), 'text/calendar;charset=utf-8')
}
