import { z } from 'zod'
import { HUE_FAMILIES } from '../colour/wheel'
import { SWATCH_SOURCES } from '../film/swatch'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { Day, Id, Name, text } from './fields'

/** CIELAB under D65, 2 degree observer, of a dry swatch on white paper. */
export const Swatch = z.looseObject({
  L: z.number().min(0).max(100),
  a: z.number().min(-128).max(128),
  b: z.number().min(-128).max(128),
  source: z.enum(SWATCH_SOURCES),
  /** Spread of repeated readings or of the pixels read, one standard deviation, CIEDE2000. */
  sd: z.number().min(0).max(50).optional(),
  /** Reflectance of 36 bands, 380 to 730 nm by 10 nm, where it was measured. */
  spectrum: z.array(z.number().min(0).max(1.2)).length(36).optional(),
  /** When and from what it was taken. */
  day: Day.optional(),
  note: text(200).optional(),
})
export type Swatch = z.infer<typeof Swatch>

/** The swatches a paint can have, masstone and wash first. */
export const SWATCH_KINDS = ['masstone', 'wash', 'overBlack', 'lifted', 'window'] as const
export type SwatchKind = (typeof SWATCH_KINDS)[number]

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
  pigments: z
    .array(z.string().regex(/^[PNBSA](Br|Bk|[YORVBGWM])\d{1,3}(:\d{1,2})?$/, 'A code such as PB15:3.'))
    .max(12),
  series: text(12).optional(),
  grade: z.enum(GRADES).optional(),
  masstone: Swatch.optional(),
  wash: Swatch.optional(),
  /** Over a black line, after lifting with a damp brush, after months in a window. */
  overBlack: Swatch.optional(),
  lifted: Swatch.optional(),
  window: Swatch.optional(),
  /** Where a code covers several colours, the one that this paint has: `PV19` -> `rose`. */
  variants: z.record(z.string().max(12), z.string().max(40)).optional(),
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
