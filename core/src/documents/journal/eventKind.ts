import * as z from 'zod/mini'
import { Day, text } from '../fields'
import type { PlaceRef, VesselRef } from './vessel'
import type { Whereabouts } from './whereabouts'

/** Fields of every event. */
export const happened = { day: Day, note: z.optional(text(500)) }

/** One portion of paint in a vessel. */
export interface Layer {
  entryId: string
  itemId: string
  paintId: string
  day: string
  millilitres: number
  dryingDays: number
  /** Layers that are still meant to come on it, where it was filled in several. */
  more?: number
}

/** What the journal says of one item, kept up event by event. */
export interface ItemFold {
  draw(millilitres: number): void
  measured(day: string, millilitres: number): void
}

/** What the journal says of vessels and of where they are, kept up event by event. */
export interface VesselFold {
  pour(into: VesselRef, layer: Layer): void
  declareDry(vessel: VesselRef, day: string): void
  empty(vessel: VesselRef, day: string): void
  put(vessel: VesselRef, into: PlaceRef, day: string): void
  takeOut(vessel: VesselRef, day: string): void
  stow(vessel: VesselRef, where: Whereabouts, day: string): void
  exchange(one: PlaceRef, other: PlaceRef, day: string): void
  /** Some was taken for painting, so many times. */
  use(vessel: VesselRef, times: number): void
  /** So much of what was poured was seen to be left, a share. */
  seen(vessel: VesselRef, share: number, day: string): void
}

/** Names as the interface says them. */
export interface Naming {
  paint(paintId: string): string
  item(itemId: string): string
  vessel(ref: VesselRef): string
  place(place: PlaceRef): string
}

/** A kind of event: its record, its words, and what it adds to each fold of the ledger. One file a kind. */
export interface EventKind<Schema extends z.ZodMiniType = z.ZodMiniType> {
  schema: Schema
  /** What a person did, in the past: "filled A3 with Viridian". */
  words(event: z.infer<Schema>, name: Naming): string
  /** A line of the journal below its day. */
  line(event: z.infer<Schema>, name: Naming): string
  /** The item it concerns. */
  item?(event: z.infer<Schema>): string
  /** The vessels and places it names. */
  names?(event: z.infer<Schema>): VesselRef[]
  foldItem?(event: z.infer<Schema>, fold: ItemFold): void
  foldVessels?(event: z.infer<Schema>, fold: VesselFold, entryId: string): void
}

/** Keeps the schema's own type while checking the rest. */
export const eventKind = <Schema extends z.ZodMiniType>(kind: EventKind<Schema>): EventKind<Schema> => kind
