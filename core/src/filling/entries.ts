import { Event } from '../documents/journal/event'
import type { CorrectionEntry, EventEntry } from '../documents/journal/journalEntry'
import { firstIssue } from '../documents/load'
import type { Ledger } from '../ledger/ledger'
import { fail, ok, type Result } from '../result'

export interface Stamp {
  id: string
  recorded: string
}

/** An entry for something that happened. Errors: `invalid-entry`, with the field. */
export function recordEvent(event: Event, { id, recorded }: Stamp): Result<EventEntry> {
  const checked = checkedEvent(event)
  return checked.ok ? ok({ id, v: 2, recorded, type: 'event', event: checked.value }) : checked
}

/**
 * An entry that corrects an event, or strikes it out with null. It is recorded after the correction that
 * holds so far, whatever the clock says. Errors: `no-such-entry`, `invalid-entry`.
 */
export function correctEvent(
  ledger: Ledger,
  corrects: string,
  becomes: Event | null,
  { id, recorded }: Stamp,
  reason?: string,
): Result<CorrectionEntry> {
  if (reason === undefined && !ledger.journal.get(corrects))
    return fail('no-such-entry', 'This entry is not in the journal, or is struck out already.', corrects)
  const checked = becomes === null ? ok(null) : checkedEvent(becomes)
  if (!checked.ok) return checked
  return ok({
    id,
    v: 2,
    recorded: laterThan(ledger.journal.correctionOf(corrects)?.recorded, recorded),
    type: 'correction',
    corrects,
    becomes: checked.value,
    ...(reason === undefined ? {} : { reason }),
  })
}

function checkedEvent(event: Event): Result<Event> {
  const checked = Event.safeParse(event)
  if (checked.success) return ok(checked.data)
  return fail('invalid-entry', firstIssue(checked.error), String(checked.error.issues[0]?.path[0] ?? ''))
}

/** A moment of recording that lies after another, even when the clock was set back since. */
function laterThan(before: string | undefined, recorded: string): string {
  if (before === undefined || recorded > before) return recorded
  return new Date(Date.parse(before) + 1).toISOString()
}
