import * as z from 'zod/mini'
import { Day, Id, text } from './fields'
import { kind, newestFirst } from './kind'

/** What was seen when the halves of a fade test were compared. */
export const FADED = ['no change', 'a little', 'clearly'] as const

/** A sheet of swatches, one half in a window and one in the dark: which paints, since when, and what was seen. */
export const FadeTest = z.looseObject({
  id: Id,
  v: z.literal(1),
  /** The day on which it went into the window. */
  day: Day,
  paintIds: z.array(Id).check(z.minLength(1), z.maxLength(200)),
  looks: z
    .array(
      z.looseObject({ day: Day, faded: z.enum(FADED), paintIds: z.optional(z.array(Id)), note: z.optional(text(500)) }),
    )
    .check(z.maxLength(60)),
  /** Taken out of the window for good. */
  ended: z.optional(Day),
})
export type FadeTest = z.infer<typeof FadeTest>

export const fadeTestKind = kind({
  schema: FadeTest,
  version: 1,
  word: 'fade test',
  many: 'fade tests',
  since: 11,
  order: newestFirst,
})
