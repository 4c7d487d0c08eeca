import * as z from 'zod/mini'
import { Id, Instant } from './fields'
import { kind } from './kind'

/** A row of an imported table that could not be read; kept until it is corrected or let go. */
export const LeftoverRow = z.looseObject({
  id: Id,
  v: z.literal(1),
  file: z.string().check(z.maxLength(300)),
  line: z.int().check(z.gte(1)),
  /** Column heading -> cell, as found; cut at 4000 characters a cell. */
  cells: z
    .array(z.tuple([z.string().check(z.maxLength(300)), z.string().check(z.maxLength(4100))]))
    .check(z.maxLength(200)),
  reason: z.string().check(z.maxLength(600)),
  kept: Instant,
})
export type LeftoverRow = z.infer<typeof LeftoverRow>

export const leftoverKind = kind({
  schema: LeftoverRow,
  version: 1,
  word: 'row kept for correction',
  many: 'rows kept for correction',
  since: 1,
  order: (p, q) => p.file.localeCompare(q.file) || p.line - q.line,
})
