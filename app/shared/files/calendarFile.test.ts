import ICAL from 'ical.js'
import { expect, it } from 'vitest'
import { calendarText } from './calendarFile'

it('days of a filling, read by a parser that knows nothing of this', async () => {
  const text = await calendarText(
    'Filling Landing tin',
    [
      {
        id: 'a1',
        day: '2026-03-29',
        title: 'Fill A1, A2; first layer',
        text: 'Lemon yellow, 0.6 ml\nViridian, 0.6 ml',
      },
      { id: 'a2', day: '2026-12-31', title: 'Dry: Größenwahn, “last”', text: 'x'.repeat(400) },
    ],
    new Date('2026-03-01T10:00:00Z'),
  )
  for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(76)
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e))
  expect(events.map((e) => [e.startDate.toString(), e.startDate.isDate, e.summary])).toEqual([
    ['2026-03-29', true, 'Fill A1, A2; first layer'],
    ['2026-12-31', true, 'Dry: Größenwahn, “last”'],
  ])
  expect(events[0]!.description).toBe('Lemon yellow, 0.6 ml\nViridian, 0.6 ml')
  expect(events[1]!.description).toHaveLength(400)
  expect(new Set(events.map((e) => e.uid)).size).toBe(2)
})
