import { Event, type EventEntry, type CorrectionEntry } from '../documents/journalEntry'
import { firstIssue } from '../documents/load'
import type { Palette } from '../documents/palette'
import { fail, ok, type Result } from '../result'
import { balanceOf, type Ledger } from './ledger'
import type { Item } from '../documents/item'
import { capacityOf } from './drying'
import { mainPaintOf } from './places'

export interface Stamp {
  id: string
  recorded: string
}

/** An entry for something that happened. Errors: `invalid-entry`, with the field. */
export function recordEvent(event: Event, { id, recorded }: Stamp): Result<EventEntry> {
  const checked = Event.safeParse(event)
  if (!checked.success)
    return fail('invalid-entry', firstIssue(checked.error), String(checked.error.issues[0]?.path[0] ?? ''))
  return ok({ id, v: 1, recorded, type: 'event', event: checked.data })
}

/** An entry that corrects an event, or strikes it out with null. Errors: `no-such-entry`, `invalid-entry`. */
export function correctEvent(
  ledger: Ledger,
  corrects: string,
  becomes: Event | null,
  { id, recorded }: Stamp,
  known = true,
): Result<CorrectionEntry> {
  if (known && !ledger.journal.get(corrects))
    return fail('no-such-entry', 'This entry is not in the journal, or is struck out already.', corrects)
  const checked = Event.nullable().safeParse(becomes)
  if (!checked.success)
    return fail('invalid-entry', firstIssue(checked.error), String(checked.error.issues[0]?.path[0] ?? ''))
  return ok({ id, v: 1, recorded, type: 'correction', corrects, becomes: checked.data })
}

/** A doubt about a filling: asked, never refused, since balances are estimates. */
export interface FillDoubt {
  code: 'more-than-left' | 'over-the-brim' | 'other-paint' | 'before-bought' | 'in-the-future'
  message: string
}

/** What speaks against a filling that is about to be recorded. */
export function doubtFilling(
  fill: { palette: Palette; placeId: string; item: Item; millilitres: number; day: string; today: string },
  ledger: Ledger,
): FillDoubt[] {
  const { palette, placeId, item, millilitres, day, today } = fill
  const doubts: FillDoubt[] = []
  const { left } = balanceOf(item, ledger.account(item.id))
  if (millilitres > left + 1e-9)
    doubts.push({
      code: 'more-than-left',
      message: `By the records ${Math.max(0, left).toFixed(1)} ml are left in it.`,
    })
  const place = palette.holder.places.find((p) => p.id === placeId)
  const content = ledger.places(palette.id)[placeId]?.content
  // dried and painted-out paint leaves room again: only this pour counts against the brim
  if (place && millilitres > capacityOf(place) + 0.05)
    doubts.push({
      code: 'over-the-brim',
      message: `${placeId} holds about ${capacityOf(place).toFixed(1)} ml to the brim.`,
    })
  if (content && mainPaintOf(content) !== item.paintId)
    doubts.push({
      code: 'other-paint',
      message: `Another paint lies in ${placeId}. Clean it first, or top up on purpose.`,
    })
  if (item.bought && day < item.bought)
    doubts.push({ code: 'before-bought', message: `It was bought on ${item.bought}.` })
  if (day > today) doubts.push({ code: 'in-the-future', message: `${day} lies in the future.` })
  return doubts
}
