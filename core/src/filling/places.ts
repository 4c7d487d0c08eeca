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

/** The state of a palette's places after one more event. Only the places concerned become new objects. */
export function afterEvent(state: PaletteState, { entryId, event }: Effective): PaletteState {
  switch (event.kind) {
    case 'fill': {
      const { itemId, paintId, day, millilitres, dryingDays, placeId } = event
      return change(state, placeId, (place) => poured(place, { entryId, itemId, paintId, day, millilitres, dryingDays }))
    }
    case 'dry':
      return change(state, event.placeId, (place) => (place.content ? present(place, { ...place.content, dryFrom: event.day }) : place))
    case 'clean':
      return change(state, event.placeId, (place) => left(place, event.day, 'cleaned'))
    case 'exchange':
      return exchanged(state, event.placeId, event.otherPlaceId, event.day)
    case 'measure':
      return state
    default:
      return assertNever(event)
  }
}

function change(state: PaletteState, placeId: string, how: (place: PlaceState) => PlaceState): PaletteState {
  const before = state[placeId] ?? EMPTY_PLACE
  const after = how(before)
  return after === before ? state : { ...state, [placeId]: after }
}

function poured(place: PlaceState, layer: Layer): PlaceState {
  const dryFrom = daysAfter(layer.day, layer.dryingDays)
  if (!place.content) return entered(place, { content: { layers: [layer], dryFrom }, since: layer.day })
  return present(place, { layers: [...place.content.layers, layer], dryFrom: dryFrom > place.content.dryFrom ? dryFrom : place.content.dryFrom })
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

function exchanged(state: PaletteState, one: string, other: string, day: string): PaletteState {
  if (one === other) return state
  const [first, second] = [state[one] ?? EMPTY_PLACE, state[other] ?? EMPTY_PLACE]
  const receive = (place: PlaceState, content: Content | undefined, cameFrom: string) =>
    content ? entered(place, { content, since: day, cameFrom }) : place
  return {
    ...state,
    [one]: receive(left(first, day, 'moved', other), second.content, other),
    [other]: receive(left(second, day, 'moved', one), first.content, one),
  }
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
