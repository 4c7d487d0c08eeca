import * as z from 'zod/mini'
import { Day, Id, Name, text } from './fields'
import { kind, newestFirst } from './kind'

/** Candidates laid beside each other and put in order by eye, the best first, with what was seen. */
export const Ranking = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  day: Day,
  ranked: z
    .array(
      z.looseObject({
        paintId: Id,
        note: z.optional(text(300)),
        /** An honourable mention: not taken, and not to be forgotten. */
        mention: z.optional(z.boolean()),
      }),
    )
    .check(z.minLength(2, 'At least two paints.'), z.maxLength(12, 'At most twelve paints.')),
})
export type Ranking = z.infer<typeof Ranking>

export const rankingKind = kind({
  schema: Ranking,
  version: 1,
  word: 'ranking',
  many: 'rankings by eye',
  since: 5,
  order: newestFirst,
})
