import type { Layer } from '../documents/journal/eventKind'
import type { PlaceRef } from '../documents/journal/vessel'

export type { Layer }

/** What lies in a vessel: one or more layers, the first of which began it. */
export interface Content {
  layers: readonly Layer[]
  /** The day it is expected to be dry, or was declared so. */
  dryFrom: string
}

/** A content that lay in one vessel at one place for a time. */
export interface Stay {
  vesselId: string
  /** Undefined while its pan lay in no palette. */
  at?: PlaceRef
  content: Content
  since: string
  /** Undefined while it still lies there. */
  until?: string
  ended?: 'cleaned' | 'moved'
  /** Where its pan came from or went to; `loose` when that was no palette. */
  cameFrom?: PlaceRef | 'loose'
  wentTo?: PlaceRef | 'loose'
}

export interface PlaceState {
  /** The vessel that lies here; undefined when its pan was taken out. */
  vesselId?: string
  content?: Content
  /** What lay here, oldest first; the last is the present content, if there is any. */
  stays: readonly Stay[]
}
/** By the id of the place. Places of which the journal says nothing are left out. */
export type PaletteState = ReadonlyMap<string, PlaceState>

export interface VesselState {
  id: string
  /** Undefined when it lies in no palette. */
  at?: PlaceRef
  content?: Content
  /** What lay in it and where, oldest first. */
  stays: readonly Stay[]
}

/** The paint there is most of in a content; of equal amounts the one that came first. */
export function mainPaintOf(content: Content): string {
  const amounts = new Map<string, number>()
  for (const { paintId, millilitres } of content.layers) amounts.set(paintId, (amounts.get(paintId) ?? 0) + millilitres)
  return [...amounts].reduce((most, next) => (next[1] > most[1] ? next : most))[0]
}

/** Whether a content is still wet on a day. */
export const isWet = (content: Content, today: string): boolean => today < content.dryFrom

/** Everything poured into a content, ml. */
export const pouredInto = (content: Content): number => content.layers.reduce((sum, l) => sum + l.millilitres, 0)
