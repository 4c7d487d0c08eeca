import * as z from 'zod/mini'
import { Id, text, line } from './fields'
import { kind } from './kind'

export const PAN_SIZES = ['quarter pan', 'half pan', 'full pan', 'godet'] as const
export type PanSize = (typeof PAN_SIZES)[number]

/** How large a pan is outside, and how deep paint can lie in it, mm. */
export const PanMeasures = z.looseObject({
  width: z.number().check(z.gte(4), z.lte(80)),
  height: z.number().check(z.gte(4), z.lte(80)),
  depth: z.number().check(z.gte(0.5), z.lte(30)),
})
export type PanMeasures = z.infer<typeof PanMeasures>

/** A pan that came with no box: it can lie in any place of its size. Pans that came with a box need no record. */
export const Pan = z.looseObject({
  id: Id,
  v: z.literal(1),
  size: z.enum(PAN_SIZES),
  /** What is written on its underside. */
  label: line(60),
  note: z.optional(text(500)),
  removed: z.optional(z.boolean()),
})
export type Pan = z.infer<typeof Pan>

export const panKind = kind({ schema: Pan, version: 1, word: 'pan', many: 'loose pans', since: 3 })
