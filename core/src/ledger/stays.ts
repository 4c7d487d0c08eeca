import { daysAfter } from '../units'
import type { Layer } from '../documents/journal/eventKind'
import type { PlaceRef } from '../documents/journal/vessel'
import type { Whereabouts } from '../documents/journal/whereabouts'

export type { Layer }

/** What lies in a vessel: one or more layers, the first of which began it. */
export interface Content {
  layers: readonly Layer[]
  /** The day it is expected to be dry, or was declared so. */
  dryFrom: string
  /** The last time somebody looked how much is left, ml as poured, and what had been poured until then. */
  seen?: { day: string; millilitres: number; poured: number }
  /** How often it was painted from since then, or ever. */
  used?: number
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
  ended?: 'cleaned' | 'moved' | 'gone'
  /** Where its pan came from or went to; `loose` when that was no palette. */
  cameFrom?: PlaceRef | 'loose'
  wentTo?: PlaceRef | 'loose'
}

/** A content that somebody found dry: how many days its last filling was given, and how many it took. */
export interface FoundDry {
  paintId: string
  given: number
  took: number
}

/** What paintings took from a content between two looks at it: so many times, so many ml as poured. */
export interface SeenUse {
  paintId: string
  times: number
  millilitres: number
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

/** That a pan was taken from among the loose ones: when, and where it had lain if anybody said so. */
export interface Taken {
  day: string
  where?: Whereabouts
}

export interface VesselState {
  id: string
  /** Undefined when it lies in no palette. */
  at?: PlaceRef
  /** Where it is outside of palettes, and since when; undefined also where it merely lies loose. */
  whereabouts?: Whereabouts & { since: string }
  /** Set while it lies in a palette into which it was put from among the loose ones. */
  taken?: Taken
  content?: Content
  /** What lay in it and where, oldest first. */
  stays: readonly Stay[]
}

/** The paint there is most of in a content; of equal amounts the one that came first. */
export const mainPaintOf = (content: Content): string =>
  portionsOf(content).reduce((most, next) => (next.millilitres > most.millilitres ? next : most)).paintId

/** One paint of a content, and how much of it was poured. */
export interface Portion {
  paintId: string
  millilitres: number
}
/** The paints of a content, in the order in which they came in. */
export function portionsOf(content: Content): Portion[] {
  const amounts = new Map<string, number>()
  for (const { paintId, millilitres } of content.layers) amounts.set(paintId, (amounts.get(paintId) ?? 0) + millilitres)
  return [...amounts].map(([paintId, millilitres]) => ({ paintId, millilitres }))
}

/** Whether paints of a content ran into each other: another paint was poured while what lay there was still wet. */
export function isMixed({ layers }: Content): boolean {
  return layers.some((layer, i) => {
    const below = layers.slice(0, i).filter((l) => l.paintId !== layer.paintId)
    return below.some((l) => daysAfter(l.day, l.dryingDays) > layer.day)
  })
}

/**
 * What lies in a vessel, in words: one paint, layers (`Raw umber over Burnt sienna`), or a mixture
 * (`Raw umber and Burnt sienna, mixed`). What was poured last is said first: it is what the brush meets.
 */
export function contentInWords(content: Content, name: (paintId: string) => string): string {
  const ids = portionsOf(content).map((p) => p.paintId)
  const names = ids.map(name)
  if (names.length < 2) return names[0] ?? ''
  if (isMixed(content)) return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}, mixed`
  return [...new Set([topPaintOf(content), ...ids.reverse()])].map(name).join(' over ')
}

/** The paint on top: what was poured last. */
export const topPaintOf = ({ layers }: Content): string => layers.at(-1)!.paintId

/** Whether a content is still wet on a day. */
export const isWet = (content: Content, today: string): boolean => today < content.dryFrom

/**
 * What is left of a content, ml as poured: what was seen at the last look and poured since, less so much for each
 * time it was painted from. An estimate, which the next look corrects; never below 0.
 */
export function leftIn(content: Content, perUse: number): number {
  const { seen, used = 0 } = content
  const base = seen ? seen.millilitres + pouredInto(content) - seen.poured : pouredInto(content)
  return Math.max(0, base - used * perUse)
}

/** Everything poured into a content, ml. */
export const pouredInto = (content: Content): number => content.layers.reduce((sum, l) => sum + l.millilitres, 0)
