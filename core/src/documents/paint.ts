import { z } from 'zod'
import { HUE_FAMILIES } from '../colour/family'
import { Id, Name, text } from './fields'

/** Where a swatch's colour comes from; it decides how far it can be trusted. */
export const SWATCH_SOURCES = ['reader', 'photo', 'typed', 'picked', 'memory'] as const

/** CIELAB under D65, 2 degree observer, of a dry swatch on white paper. */
export const Swatch = z.looseObject({
  L: z.number().min(0).max(100),
  a: z.number().min(-128).max(128),
  b: z.number().min(-128).max(128),
  source: z.enum(SWATCH_SOURCES),
})
export type Swatch = z.infer<typeof Swatch>

export const TRANSPARENCIES = ['transparent', 'semi-transparent', 'semi-opaque', 'opaque'] as const
export const STAININGS = ['lifts clean', 'lifts well', 'stains a little', 'stains strongly'] as const
export const GRANULATIONS = ['smooth', 'slightly granulating', 'granulating', 'strongly granulating'] as const
export const LIGHTFASTNESSES = ['excellent', 'very good', 'fair', 'poor', 'fugitive'] as const
export const GRADES = ['artist', 'student', 'handmade'] as const
export const EFFECTS = ['fluorescent', 'pearlescent', 'interference', 'metallic'] as const

export const Paint = z.looseObject({
  id: Id,
  v: z.literal(1),
  maker: text(120),
  name: Name,
  /** Tells two paints of one name apart, before and after a reformulation. */
  formula: text(60).optional(),
  /** Colour Index generic names in the Index's form, as on the label. */
  pigments: z.array(z.string().regex(/^[PNBSA](Br|Bk|[YORVBGWM])\d{1,3}(:\d{1,2})?$/, 'A code such as PB15:3.')).max(12),
  series: text(12).optional(),
  grade: z.enum(GRADES).optional(),
  masstone: Swatch.optional(),
  wash: Swatch.optional(),
  /** The artist's own word on the family, when the computed one is not theirs. */
  family: z.enum(HUE_FAMILIES).optional(),
  transparency: z.enum(TRANSPARENCIES).optional(),
  staining: z.enum(STAININGS).optional(),
  granulation: z.enum(GRANULATIONS).optional(),
  lightfastness: z.enum(LIGHTFASTNESSES).optional(),
  effect: z.enum(EFFECTS).optional(),
  discontinued: z.boolean().optional(),
  note: text(2000).optional(),
  /** Set when it was taken out of the collection but something still refers to it. */
  removed: z.boolean().optional(),
})
export type Paint = z.infer<typeof Paint>
