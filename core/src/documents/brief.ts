import * as z from 'zod/mini'
import { Id, line } from './fields'

const Weight = z.number().check(z.gt(0), z.lte(1000))

/** One colour of a list that a palette should reach; CIELAB, D65. */
export const TargetColour = z.looseObject({
  L: z.number().check(z.gte(0), z.lte(100)),
  a: z.number().check(z.gte(-128), z.lte(128)),
  b: z.number().check(z.gte(-128), z.lte(128)),
  weight: Weight,
  name: z.optional(line(120)),
})
export type TargetColour = z.infer<typeof TargetColour>

/** What a palette should be able to mix, and how much that counts beside its other targets. */
export const TargetChoice = z.discriminatedUnion('kind', [
  z.looseObject({ kind: z.literal('everything'), weight: Weight }),
  z.looseObject({ kind: z.literal('subject'), subject: z.string().check(z.maxLength(40)), weight: Weight }),
  z.looseObject({
    kind: z.literal('colours'),
    id: Id,
    name: line(120),
    weight: Weight,
    colours: z.array(TargetColour).check(z.minLength(1), z.maxLength(400)),
  }),
])
export type TargetChoice = z.infer<typeof TargetChoice>

/** A wish for the paints of a palette: which, how it is meant, and whether it rules paints out. */
export const BriefWish = z.looseObject({
  wish: z.string().check(z.minLength(1), z.maxLength(40)),
  value: z.string().check(z.maxLength(60)),
  hard: z.boolean(),
})
export type BriefWish = z.infer<typeof BriefWish>

/** What of a paint may be counted. */
export const COUNTED_TRAITS = [
  'transparent',
  'opaque',
  'granulating',
  'smooth',
  'lifting',
  'staining',
  'lasting',
  'single-pigment',
] as const
export type CountedTrait = (typeof COUNTED_TRAITS)[number]

/** How many paints of a kind a palette should have: `at least three transparent yellows`, `mostly granulating`. */
export const BriefCount = z.looseObject({
  bound: z.enum(['least', 'most']),
  /** So many, or more than half of all. */
  count: z.union([z.int().check(z.gte(0), z.lte(64)), z.literal('half')]),
  trait: z.optional(z.enum(COUNTED_TRAITS)),
  family: z.optional(z.string().check(z.maxLength(20))),
  hard: z.boolean(),
})
export type BriefCount = z.infer<typeof BriefCount>

const Ids = z.array(Id).check(z.maxLength(500))

/** What a palette is for, as far as it was said. */
export const Brief = z.looseObject({
  wishes: z.optional(z.array(BriefWish).check(z.maxLength(30))),
  counts: z.optional(z.array(BriefCount).check(z.maxLength(12))),
  targets: z.optional(z.array(TargetChoice).check(z.maxLength(20))),
  /** Paints that must be in, must stay out, are to be used up, are to be spared. */
  mustIn: z.optional(Ids),
  stayOut: z.optional(Ids),
  useUp: z.optional(Ids),
  spare: z.optional(Ids),
  /** Gaps of the verdict that one does without, by name. */
  without: z.optional(z.array(line(40)).check(z.maxLength(40))),
  /** How many paints a mixture may have; 3 where nothing is said. */
  most: z.optional(z.union([z.literal(1), z.literal(2), z.literal(3)])),
  /** Up to which CIEDE2000 a mixture is near enough; 5 where nothing is said. */
  near: z.optional(z.number().check(z.gte(1), z.lte(20))),
})
export type Brief = z.infer<typeof Brief>
