import * as z from 'zod/mini'
import { Brief } from './brief'
import { Day, Id, Name, text, line } from './fields'
import { GuideState } from './guide'
import { byName, kind } from './kind'
import { PAN_SIZES } from './pan'

const Length = z.number().check(z.gte(0), z.lte(2000))

/** Millimetres from the holder's top left corner, seen from above with the lid away from you. */
export const PlaceShape = z.discriminatedUnion('kind', [
  z.looseObject({ kind: z.literal('rect'), x: Length, y: Length, width: Length, height: Length, corner: Length }),
  z.looseObject({ kind: z.literal('circle'), x: Length, y: Length, radius: Length }),
])
export type PlaceShape = z.infer<typeof PlaceShape>

export const CONTAINERS = [...PAN_SIZES, 'well'] as const

const UNUSABLE = new Set(['__proto__', 'prototype', 'constructor'])
/** A plan is kept under the names of places, so a place cannot have a name that every object has. */
const isUsableKey = (id: string) => !UNUSABLE.has(id)

/** One position of a palette; holds a removable pan or is a well. */
export const Place = z.looseObject({
  /** Unique within the holder, as printed on the key: `A1`. */
  id: z.string().check(z.minLength(1), z.maxLength(12)).check(z.refine(isUsableKey, 'Not a name for a place.')),
  shape: PlaceShape,
  container: z.enum(CONTAINERS),
  /** How deep paint can lie, mm. */
  depth: z.number().check(z.gte(0.5), z.lte(60)),
})
export type Place = z.infer<typeof Place>

/** What is drawn around the places: mixing surfaces, hinges, the thumb hole. Millimetres. */
export const HolderPart = z.looseObject({
  kind: z.enum(['mixing', 'hinge', 'hold', 'slot']),
  shape: PlaceShape,
})

export const Holder = z.looseObject({
  id: Id,
  name: Name,
  outline: z.enum(['box', 'ring']),
  width: Length,
  height: Length,
  places: z.array(Place).check(z.minLength(1), z.maxLength(200)),
  parts: z.array(HolderPart).check(z.maxLength(40)),
})
export type Holder = z.infer<typeof Holder>

/** A paint that is away, in words also where it is not of the collection, and the mixture that does its work. */
export const StandsFor = z.looseObject({
  paintId: z.optional(Id),
  words: line(160),
  mixture: z.optional(
    z.looseObject({
      paints: z
        .array(z.looseObject({ paintId: Id, parts: z.number().check(z.gt(0), z.lte(99)) }))
        .check(z.maxLength(5)),
      water: z.number().check(z.gte(0), z.lte(60)),
    }),
  ),
})
export type StandsFor = z.infer<typeof StandsFor>

/** What should be in a place. A place without plan is simply empty. */
export const PlacePlan = z.looseObject({
  paintId: z.optional(Id),
  /** Kept free, with the reason. */
  reserved: z.optional(line(200)),
  /** What the paint that is planned here, or a mixture where none is, stands in for until that is back. */
  standsFor: z.optional(StandsFor),
  /** Left alone by every automatic ordering. */
  locked: z.optional(z.boolean()),
})
export type PlacePlan = z.infer<typeof PlacePlan>

export const Palette = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  use: z.enum(['travel', 'studio']),
  purpose: text(300),
  holder: Holder,
  plan: z.record(z.string().check(z.maxLength(12)), PlacePlan),
  /** What it is for; nothing in particular where nothing is said. */
  brief: z.optional(Brief),
  /** The way by which it is being chosen, as far as that went. */
  guide: z.optional(GuideState),
  /** Pairs of paints that are never to lie side by side. */
  apart: z.optional(z.array(z.tuple([Id, Id])).check(z.maxLength(60))),
  /** Proposals of a review that were refused for good, or put off until a day. */
  answered: z.optional(
    z
      .array(
        z.looseObject({
          key: z.string().check(z.minLength(1), z.maxLength(160)),
          said: z.enum(['refused', 'later']),
          until: z.optional(Day),
        }),
      )
      .check(z.maxLength(400)),
  ),
  /** Painted with by a child: only paints without problem pigments. */
  forChild: z.optional(z.boolean()),
  /** A photograph of the tin, kept with the pictures. */
  pictureId: z.optional(Id),
  /** Set when it was taken away but its history is kept. */
  removed: z.optional(z.boolean()),
})
export type Palette = z.infer<typeof Palette>

export const paletteKind = kind({
  schema: Palette,
  version: 1,
  word: 'palette',
  many: 'palettes',
  since: 1,
  joined: ['plan', 'brief'],
  order: byName,
})
