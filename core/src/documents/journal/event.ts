import * as z from 'zod/mini'
import type { EventKind, Naming } from './eventKind'
import { clean } from './events/clean'
import { dry } from './events/dry'
import { exchange } from './events/exchange'
import { fill } from './events/fill'
import { level } from './events/level'
import { measure } from './events/measure'
import { put } from './events/put'
import { sitting } from './events/sitting'
import { stow } from './events/stow'
import { takeOut } from './events/takeOut'

/** What happened; each on a calendar day. A new kind is a file in events/ and a line here. */
export const Event = z.discriminatedUnion('kind', [
  fill.schema,
  dry.schema,
  clean.schema,
  exchange.schema,
  put.schema,
  takeOut.schema,
  stow.schema,
  measure.schema,
  sitting.schema,
  level.schema,
])
export type Event = z.infer<typeof Event>
export type FillEvent = Extract<Event, { kind: 'fill' }>
export type SittingEvent = Extract<Event, { kind: 'sitting' }>

export const EVENT_KINDS = { fill, dry, clean, exchange, put, takeOut, stow, measure, sitting, level } as const

/** What each kind of event is called in a list. */
export const EVENT_NAMES: Readonly<Record<Event['kind'], string>> = {
  fill: 'fillings',
  dry: 'found dry',
  clean: 'cleaned out',
  exchange: 'exchanges',
  put: 'put into a place',
  takeOut: 'taken out',
  stow: 'laid elsewhere',
  measure: 'measurings',
  sitting: 'paintings',
  level: 'levels looked at',
}

/** The kind of an event, for callers that treat all alike. */
export const kindOfEvent = (event: Event): EventKind<z.ZodMiniType<Event>> =>
  EVENT_KINDS[event.kind] as unknown as EventKind<z.ZodMiniType<Event>>

/** What a person did, in the past. */
export const eventInWords = (event: Event, name: Naming): string => kindOfEvent(event).words(event, name)
/** A line of the journal below its day. */
export const eventLine = (event: Event, name: Naming): string => kindOfEvent(event).line(event, name)
