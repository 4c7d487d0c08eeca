import * as z from 'zod/mini'
import { Id, Name, text } from './fields'
import { Swatch } from './paint'
import { byName, kind } from './kind'

/** Paints of the collection in parts; only the ratios count. */
export interface PaintParts {
  paintId: string
  parts: number
}

/** A mixture worth keeping: paints in parts, thinned with water, and what it really looked like. */
export const Recipe = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  paints: z
    .array(
      z.looseObject({
        paintId: Id,
        parts: z.number().check(z.positive('More than 0 parts.'), z.lte(99, 'At most 99 parts.')),
      }),
    )
    .check(z.minLength(1, 'At least one paint.'), z.maxLength(5, 'At most five paints.')),
  /** Parts of water to one of mixture; 0 is masstone. */
  water: z.number().check(z.gte(0), z.lte(60)),
  /** The real mixture, painted out and dry. */
  masstone: z.optional(Swatch),
  wash: z.optional(Swatch),
  note: z.optional(text(2000)),
})
export type Recipe = z.infer<typeof Recipe>

export const recipeKind = kind({
  schema: Recipe,
  version: 1,
  word: 'recipe',
  many: 'kept recipes',
  since: 2,
  order: byName,
})
