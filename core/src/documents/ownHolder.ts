import * as z from 'zod/mini'
import { Holder } from './palette'

/** A box that somebody drew, to be offered for palettes. A palette keeps a copy of its own. */
export const OwnHolder = z.extend(Holder, { v: z.literal(1) })
export type OwnHolder = z.infer<typeof OwnHolder>
