import * as z from 'zod/mini'
import { Id, Instant, text } from '../fields'
import { isRecord } from '../isRecord'
import { Event } from './event'
import { kind } from '../kind'

const Stamp = { id: Id, v: z.literal(2), recorded: Instant }

/**
 * Append-only. A correction names the event it corrects and what holds instead; null strikes it
 * out. Corrections correct events, never other corrections: the latest correction of an event holds.
 * Version 2: events name a vessel, or say where it lies.
 */
export const JournalEntry = z.discriminatedUnion('type', [
  z.looseObject({ ...Stamp, type: z.literal('event'), event: Event }),
  z.looseObject({
    ...Stamp,
    type: z.literal('correction'),
    corrects: Id,
    becomes: z.nullable(Event),
    reason: z.optional(text(200)),
  }),
])
export type JournalEntry = z.infer<typeof JournalEntry>
export type EventEntry = Extract<JournalEntry, { type: 'event' }>
export type CorrectionEntry = Extract<JournalEntry, { type: 'correction' }>

/** v1 named a place of a palette in every event; v2 has the vessel that lies there, said by that place. */
export function journalEntryFrom1To2(old: Record<string, unknown>): Record<string, unknown> {
  const entry = { ...old, v: 2 }
  if (isRecord(old.event)) return { ...entry, event: eventFrom1To2(old.event) }
  if (isRecord(old.becomes)) return { ...entry, becomes: eventFrom1To2(old.becomes) }
  return entry
}

function eventFrom1To2(old: Record<string, unknown>): Record<string, unknown> {
  const { paletteId, placeId, otherPlaceId, ...rest } = old
  if (old.kind === 'exchange')
    return { ...rest, place: { paletteId, placeId }, other: { paletteId, placeId: otherPlaceId } }
  return old.kind === 'measure' ? old : { ...rest, vessel: { paletteId, placeId } }
}

export const journalKind = kind({
  schema: JournalEntry,
  version: 2,
  word: 'journal entry',
  many: 'journal entries',
  since: 1,
  migrations: { 1: journalEntryFrom1To2 },
})
