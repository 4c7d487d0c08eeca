import * as z from 'zod/mini'
import { Day, Id, line } from './fields'
import { Paint } from './paint'
import { kind } from './kind'

export const NEED_ANSWERS = ['accepted', 'refused', 'later'] as const

/** What was said to a need that was gathered, or a need of one's own. */
export const NeedAnswer = z.looseObject({
  id: Id,
  v: z.literal(1),
  /** Which need: `paint:ID` of a paint of the collection, `code:PB60`, `words:...`. */
  key: z.string().check(z.minLength(1), z.maxLength(160)),
  said: z.enum(NEED_ANSWERS),
  day: Day,
  /** Not asked again before this day. */
  until: z.optional(Day),
  /** Where it stands in one's own order, the smaller the sooner. */
  rank: z.optional(z.number()),
  /** Whether the same pigments by another maker would do. */
  anyMaker: z.optional(z.boolean()),
  /** What it is, where nothing gathers it any more or it was written down by hand. */
  words: z.optional(line(160)),
  pigments: z.optional(Paint.shape.pigments),
  /** Any paint of these pigments will do, whatever it is called: somebody said so. */
  means: z.optional(z.boolean()),
  own: z.optional(z.boolean()),
})
export type NeedAnswer = z.infer<typeof NeedAnswer>

export const needKind = kind({
  schema: NeedAnswer,
  version: 1,
  word: 'need',
  many: 'answers about what to buy',
  since: 8,
})
