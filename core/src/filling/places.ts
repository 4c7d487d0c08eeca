import { assertNever } from '../result'
import { daysAfter } from './calendar'
import type { Effective } from './journal'

/** One portion of paint in a place. */
export interface Layer {
  entryId: string
  itemId: string
  paintId: string
  day: string
  millilitres: number
  dryingDays: number
}

/** What lies in a place: one or more layers, the first of which began it. */
export interface Content {
  layers: readonly Layer[]
  /** The day it is expected to be dry, or was declared so. */
  dryFrom: string
}

/** Something that lay in a place for a time. */
export interface Stay {
  content: Content
  since: string
  /** Undefined while it still lies there. */
  until?: string
  ended?: 'cleaned' | 'moved'
  /** Where its pan came from or went to. */
  cameFrom?: string
  wentTo?: string
}

export interface PlaceState {
  content?: Content
  /** Oldest first; the last is the present content, if there is any. */
  stays: readonly Stay[]
}

export type PaletteState = Readonly<Record<string, PlaceState>>

export const EMPTY_PLACE: PlaceState = { stays: [] }

type Draft = Record<string, PlaceState>

/** The state of a palette's places after one more event. Only the places concerned become new objects. */
export function afterEvent(state: PaletteState, effective: Effective): PaletteState {
  const draft = { ...state }
  enter(draft, effective)
  return draft
}

/** The state of a palette's places after all its events, given in order of time. */
export function stateAfter(events: Iterable<Effective>): PaletteState {
  const draft: Draft = {}
  for (const effective of events) enter(draft, effective)
  return draft
}

function enter(draft: Draft, { entryId, event }: Effective): void {
  switch (event.kind) {
    case 'fill': {
      const { itemId, paintId, day, millilitres, dryingDays, placeId } = event
      draft[placeId] = poured(draft[placeId] ?? EMPTY_PLACE, { entryId, itemId, paintId, day, millilitres, dryingDays })
      return
    }
    case 'dry': {
      const place = draft[event.placeId]
      if (place?.content) draft[event.placeId] = present(place, { ...place.content, dryFrom: event.day })
      return
    }
    case 'clean': {
      const place = draft[event.placeId]
      if (place) draft[event.placeId] = left(place, event.day, 'cleaned')
      return
    }
    case 'exchange':
      return exchange(draft, event.placeId, event.otherPlaceId, event.day)
    case 'measure':
      return
    default:
      assertNever(event)
  }
}

function poured(place: PlaceState, layer: Layer): PlaceState {
  const dryFrom = daysAfter(layer.day, layer.dryingDays)
  if (!place.content) return entered(place, { content: { layers: [layer], dryFrom }, since: layer.day })
  return present(place, {
    layers: [...place.content.layers, layer],
    dryFrom: dryFrom > place.content.dryFrom ? dryFrom : place.content.dryFrom,
  })
}

function entered(place: PlaceState, stay: Stay): PlaceState {
  return { content: stay.content, stays: [...place.stays, stay] }
}

function present(place: PlaceState, content: Content): PlaceState {
  const last = place.stays.at(-1)!
  return { content, stays: [...place.stays.slice(0, -1), { ...last, content }] }
}

function left(place: PlaceState, until: string, ended: 'cleaned' | 'moved', wentTo?: string): PlaceState {
  if (!place.content) return place
  const last = place.stays.at(-1)!
  return { stays: [...place.stays.slice(0, -1), { ...last, until, ended, ...(wentTo ? { wentTo } : {}) }] }
}

function exchange(draft: Draft, one: string, other: string, day: string): void {
  if (one === other) return
  const [first, second] = [draft[one] ?? EMPTY_PLACE, draft[other] ?? EMPTY_PLACE]
  const receive = (place: PlaceState, content: Content | undefined, cameFrom: string) =>
    content ? entered(place, { content, since: day, cameFrom }) : place
  draft[one] = receive(left(first, day, 'moved', other), second.content, other)
  draft[other] = receive(left(second, day, 'moved', one), first.content, one)
}

/** The paint there is most of in a content. */
export function mainPaintOf(content: Content): string {
  const amounts = new Map<string, number>()
  for (const { paintId, millilitres } of content.layers) amounts.set(paintId, (amounts.get(paintId) ?? 0) + millilitres)
  return [...amounts].reduce((most, next) => (next[1] > most[1] ? next : most))[0]
}

/** Whether a content is still wet on a day. */
export const isWet = (content: Content, today: string): boolean => today < content.dryFrom

/** Everything poured into a content, ml. */
export const pouredInto = (content: Content): number => content.layers.reduce((sum, l) => sum + l.millilitres, 0)
