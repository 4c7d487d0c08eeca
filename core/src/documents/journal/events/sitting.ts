import * as z from 'zod/mini'
import { Id, text, line } from '../../fields'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** What a sitting took from one vessel, and which paint that was. */
export const Used = z.looseObject({
  vessel: VesselRef,
  paintId: Id,
  /** A lot of it, rather than some. */
  much: z.optional(z.boolean()),
})
export type Used = z.infer<typeof Used>

/** What was missed while painting; a paint of the collection where it is one. */
export const Wished = z.looseObject({ words: line(120), paintId: z.optional(Id) })
export type Wished = z.infer<typeof Wished>

/** A painting, or one sitting of it: from which palette, what was used and what was missed. */
export const sitting = eventKind({
  schema: z.looseObject({
    kind: z.literal('sitting'),
    ...happened,
    paletteId: Id,
    /** What it was, in a few words. */
    words: line(160),
    subject: z.optional(text(60)),
    used: z.array(Used).check(z.maxLength(200)),
    wished: z.optional(z.array(Wished).check(z.maxLength(12))),
    pictureId: z.optional(Id),
  }),
  words: (e) => `logged ${called(e)}`,
  line: (e, name) => `${called(e)}: ${e.used.map((u) => name.paint(u.paintId)).join(', ') || 'no colour noted'}`,
  names: (e) => e.used.map((u) => u.vessel),
  foldVessels: ({ used }, fold) => {
    for (const { vessel, much } of used) fold.use(vessel, much ? MUCH : 1)
  },
})

/** A lot of a colour counts as so many times some of it (judgement). */
export const MUCH = 3

const called = ({ words, subject }: { words: string; subject?: string }) => words || subject || 'a painting'
