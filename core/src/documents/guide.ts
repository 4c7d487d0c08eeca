import * as z from 'zod/mini'
import { ANY_FAMILIES, SECTORS, type WheelFamily } from '../colour/wheel'
import { Id, Name, text } from './fields'
import { byName, kind } from './kind'

const WHEEL_FAMILIES = SECTORS.map((s) => s.family) as [WheelFamily, ...WheelFamily[]]
const Degrees = z.number().check(z.gte(0), z.lt(360))

/** What a paint must be to answer a call; whatever is not said may be as it likes. */
export const CallWants = z.looseObject({
  families: z.optional(z.array(z.enum(ANY_FAMILIES)).check(z.maxLength(20))),
  temperature: z.optional(z.enum(['warm', 'cool'])),
  /** The neighbour on the wheel toward which it leans. */
  toward: z.optional(z.enum(WHEEL_FAMILIES)),
  /** From one hue to another, h_ab in degrees, rising, through 0 where it must. */
  hue: z.optional(z.looseObject({ from: Degrees, to: Degrees })),
  /** By its masstone. */
  depth: z.optional(z.enum(['dark', 'light'])),
  /** One pigment alone, rather than a mixture in the tube. */
  single: z.optional(z.boolean()),
})
export type CallWants = z.infer<typeof CallWants>

/** One call of a method: so many paints of a kind. */
export const GuideCall = z.looseObject({
  id: Id,
  words: z.string().check(z.minLength(1, 'A call needs words.'), z.maxLength(120)),
  quota: z.int().check(z.gte(1), z.lte(60)),
  /** A paint that is any of these answers it; any paint, where the list is empty. */
  wants: z.array(CallWants).check(z.maxLength(6)),
})
export type GuideCall = z.infer<typeof GuideCall>
const Calls = z.array(GuideCall).check(z.maxLength(80))

/** A way of choosing with the artist's own calls, kept under a name. */
export const Guide = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  note: z.optional(text(600)),
  calls: Calls,
})
export type Guide = z.infer<typeof Guide>

const Ids = z.array(Id).check(z.maxLength(500))

/** A way of choosing as it is gone through for one palette. */
export const GuideState = z.looseObject({
  /** Which way, and under what name it goes on. */
  way: z.string().check(z.minLength(1), z.maxLength(60)),
  name: Name,
  calls: Calls,
  /** What was said to each call so far. */
  said: z.array(
    z.looseObject({
      call: Id,
      took: z.optional(Ids),
      passed: z.optional(Ids),
      /** Left open on purpose. */
      left: z.optional(z.boolean()),
    }),
  ),
})
export type GuideState = z.infer<typeof GuideState>

export const guideKind = kind({
  schema: Guide,
  version: 1,
  word: 'guide',
  many: 'methods of your own',
  since: 4,
  order: byName,
})
