import * as z from 'zod/mini'
import { Holder } from './palette'
import { byName, kind } from './kind'

/** A box that somebody drew, to be offered for palettes. A palette keeps a copy of its own. */
export const OwnHolder = z.extend(Holder, { v: z.literal(1) })
export type OwnHolder = z.infer<typeof OwnHolder>

export const holderKind = kind({
  schema: OwnHolder,
  version: 1,
  word: 'box',
  many: 'boxes drawn',
  since: 6,
  order: byName,
})
