import * as z from 'zod/mini'
import { Day, Id, text } from './fields'
import { Swatch } from './paint'
import { kind } from './kind'

const Parts = z
  .array(z.looseObject({ paintId: Id, parts: z.number().check(z.gt(0), z.lte(99)) }))
  .check(z.minLength(1), z.maxLength(5))

/** What is to be replaced: a paint of the collection, a pigment of the reference by its id, or a colour. */
export const Wanted = z.discriminatedUnion('kind', [
  z.looseObject({ kind: z.literal('paint'), paintId: Id }),
  z.looseObject({ kind: z.literal('pigment'), pigment: z.string().check(z.minLength(1), z.maxLength(60)) }),
  z.looseObject({ kind: z.literal('colour'), L: Swatch.shape.L, a: Swatch.shape.a, b: Swatch.shape.b }),
])
export type Wanted = z.infer<typeof Wanted>

/** How a stand-in did on paper, the best first. */
export const HELD = ['well', 'passably', 'badly'] as const

/** A stand-in that was tried on paper, or refused: a paint, or a mixture in parts. */
export const Trial = z.looseObject({
  id: Id,
  v: z.literal(1),
  wanted: Wanted,
  instead: z.discriminatedUnion('kind', [
    z.looseObject({ kind: z.literal('paint'), paintId: Id }),
    z.looseObject({ kind: z.literal('mixture'), paints: Parts, water: z.number().check(z.gte(0), z.lte(60)) }),
  ]),
  /** How it did on paper; left out where it was refused without a trial. */
  held: z.optional(z.enum(HELD)),
  refused: z.optional(z.boolean()),
  day: Day,
  note: z.optional(text(500)),
})
export type Trial = z.infer<typeof Trial>

export const trialKind = kind({
  schema: Trial,
  version: 1,
  word: 'trial of a stand-in',
  many: 'stand-ins tried',
  since: 5,
})
