import * as z from 'zod/mini'
import { line, oneLine } from './fields'
import { ITEM_KINDS } from './item'
import { Paint } from './paint'

/** A paint as a shop names it. */
export const OfferedPaint = z.looseObject({
  maker: line(120),
  name: z.string().check(z.overwrite(oneLine), z.minLength(1, 'A name is needed.'), z.maxLength(120)),
  formula: z.optional(line(60)),
  pigments: Paint.shape.pigments,
  /** ml; 0 when nothing is said. */
  millilitres: z.number().check(z.gte(0), z.lte(5000)),
  kind: z.enum(ITEM_KINDS),
})
export type OfferedPaint = z.infer<typeof OfferedPaint>

/** One line of a shop's list: a single paint in one size, or a set of several. */
export const Offer = z.looseObject({
  /** The shop's own number, unique within its list. */
  id: z.string().check(z.minLength(1), z.maxLength(80)),
  /** What it is called where it is a set. */
  set: z.optional(line(120)),
  /** One paint, or what a set holds. */
  holds: z.array(OfferedPaint).check(z.minLength(1), z.maxLength(120)),
  /** In hundredths of the shop's currency; left out where the list has no price. */
  minor: z.optional(z.int().check(z.gte(0), z.lte(100_000_00))),
  isSoldOut: z.optional(z.boolean()),
})
export type Offer = z.infer<typeof Offer>
