import { z } from 'zod'
import { Day, Id, Instant, text, Volume } from './fields'

const PlaceId = z.string().min(1).max(12)

/** What happened; each on a calendar day. */
export const Event = z.discriminatedUnion('kind', [
  /** Paint from an item went into a place. Into an occupied place it is a top-up. */
  z.looseObject({
    kind: z.literal('fill'),
    day: Day,
    paletteId: Id,
    placeId: PlaceId,
    itemId: Id,
    paintId: Id,
    millilitres: Volume.refine((v) => v > 0, 'More than 0 ml.'),
    dryingDays: z.number().min(0).max(120),
    note: text(500).optional(),
  }),
  /** The place was found or declared dry. */
  z.looseObject({ kind: z.literal('dry'), day: Day, paletteId: Id, placeId: PlaceId, note: text(500).optional() }),
  /** The place was emptied and cleaned. */
  z.looseObject({ kind: z.literal('clean'), day: Day, paletteId: Id, placeId: PlaceId, note: text(500).optional() }),
  /** Two places of one palette exchanged their pans. */
  z.looseObject({
    kind: z.literal('exchange'),
    day: Day,
    paletteId: Id,
    placeId: PlaceId,
    otherPlaceId: PlaceId,
    note: text(500).optional(),
  }),
  /** What is left in an item was looked at, weighed or guessed anew. */
  z.looseObject({ kind: z.literal('measure'), day: Day, itemId: Id, millilitres: Volume, note: text(500).optional() }),
])
export type Event = z.infer<typeof Event>
export type FillEvent = Extract<Event, { kind: 'fill' }>

const Stamp = { id: Id, v: z.literal(1), recorded: Instant }

/**
 * Append-only. A correction names the event it corrects and what holds instead; null strikes it
 * out. Corrections correct events, never other corrections: the latest correction of an event holds.
 */
export const JournalEntry = z.discriminatedUnion('type', [
  z.looseObject({ ...Stamp, type: z.literal('event'), event: Event }),
  z.looseObject({
    ...Stamp,
    type: z.literal('correction'),
    corrects: Id,
    becomes: Event.nullable(),
    reason: text(200).optional(),
  }),
])
export type JournalEntry = z.infer<typeof JournalEntry>
export type EventEntry = Extract<JournalEntry, { type: 'event' }>
export type CorrectionEntry = Extract<JournalEntry, { type: 'correction' }>
