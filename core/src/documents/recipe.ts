import { z } from 'zod'
import { Id, Name, text } from './fields'
import { Swatch } from './paint'

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
      z.looseObject({ paintId: Id, parts: z.number().positive('More than 0 parts.').max(99, 'At most 99 parts.') }),
    )
    .min(1, 'At least one paint.')
    .max(5, 'At most five paints.'),
  /** Parts of water to one of mixture; 0 is masstone. */
  water: z.number().min(0).max(40),
  /** The real mixture, painted out and dry. */
  masstone: Swatch.optional(),
  wash: Swatch.optional(),
  note: text(2000).optional(),
})
export type Recipe = z.infer<typeof Recipe>
