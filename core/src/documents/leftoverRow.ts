import { z } from 'zod'
import { Id, Instant } from './fields'

/** A row of an imported table that could not be read; kept until it is corrected or let go. */
export const LeftoverRow = z.looseObject({
  id: Id,
  v: z.literal(1),
  file: z.string().max(300),
  line: z.number().int().min(1),
  /** Column heading -> cell, as found; cut at 4000 characters a cell. */
  cells: z.array(z.tuple([z.string().max(300), z.string().max(4100)])).max(200),
  reason: z.string().max(600),
  kept: Instant,
})
export type LeftoverRow = z.infer<typeof LeftoverRow>
