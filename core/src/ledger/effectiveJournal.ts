import type { Event } from '../documents/journal/event'
import type { CorrectionEntry, EventEntry, JournalEntry } from '../documents/journal/journalEntry'

/** An event as it stands after all corrections, with the entry that recorded it. */
export interface Effective {
  entryId: string
  recorded: string
  event: Event
  /** True when a correction changed it. */
  corrected: boolean
}

/** What a journal says now, kept up entry by entry. */
export class EffectiveJournal {
  readonly #events = new Map<string, EventEntry>()
  readonly #latest = new Map<string, CorrectionEntry>()
  readonly #waiting = new Map<string, CorrectionEntry>()

  /** The event before and after the entry; null where it does not count. Entries may come in any order, and twice. */
  add(entry: JournalEntry): { before: Effective | null; after: Effective | null } {
    if (entry.type === 'event') {
      const before = this.get(entry.id)
      this.#events.set(entry.id, entry)
      const waiting = this.#waiting.get(entry.id)
      if (waiting) this.#latest.set(entry.id, waiting)
      this.#waiting.delete(entry.id)
      return { before, after: this.get(entry.id) }
    }
    const before = this.get(entry.corrects)
    const target = this.#events.has(entry.corrects) ? this.#latest : this.#waiting
    const present = target.get(entry.corrects)
    if (!present || isLater(entry, present)) target.set(entry.corrects, entry)
    return { before, after: this.get(entry.corrects) }
  }

  /** The event as it stands, or null when it was struck out or never recorded. */
  get(entryId: string): Effective | null {
    const entry = this.#events.get(entryId)
    if (!entry) return null
    const correction = this.#latest.get(entryId)
    const event = correction ? correction.becomes : entry.event
    return event && { entryId, recorded: entry.recorded, event, corrected: Boolean(correction) }
  }

  /** The correction that holds of an event, if there is one. */
  correctionOf(entryId: string): CorrectionEntry | undefined {
    return this.#latest.get(entryId)
  }

  /** Every event as it stands, the latest first. */
  latestFirst(): Effective[] {
    return [...this.#events.keys()].flatMap((id) => this.get(id) ?? []).sort((p, q) => byTime(q, p))
  }

  /** Entries that were struck out, with their last words. */
  struckOut(): EventEntry[] {
    return [...this.#events.values()].filter((e) => this.get(e.id) === null)
  }
}

const isLater = (one: CorrectionEntry, other: CorrectionEntry) =>
  one.recorded > other.recorded || (one.recorded === other.recorded && one.id > other.id)

/** The order in which events took place: by day, then as recorded. */
export function byTime(one: Effective, other: Effective): number {
  const [p, q] = [one.event.day, other.event.day]
  if (p !== q) return p < q ? -1 : 1
  if (one.recorded !== other.recorded) return one.recorded < other.recorded ? -1 : 1
  return one.entryId < other.entryId ? -1 : one.entryId > other.entryId ? 1 : 0
}
