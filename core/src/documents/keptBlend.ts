import * as z from 'zod/mini'
import { Id, Name } from './fields'
import { byName, kind } from './kind'

/** How much each wish for an arrangement counts, 0..1, kept under a name. */
export const KeptBlend = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  blend: z.record(z.string().check(z.maxLength(40)), z.number().check(z.gte(0), z.lte(1))),
})
export type KeptBlend = z.infer<typeof KeptBlend>

export const blendKind = kind({
  schema: KeptBlend,
  version: 1,
  word: 'way of arranging',
  many: 'ways of arranging',
  since: 6,
  order: byName,
})
