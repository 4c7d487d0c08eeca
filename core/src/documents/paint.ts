import * as z from 'zod/mini'
import { PAINT_FAMILIES, type PaintFamily } from '../colour/wheel'
import { SWATCH_SOURCES } from '../film/swatch'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { Day, Id, Name, text, line } from './fields'
import { kind } from './kind'

/** A paper by its colour, and its surface where that is known (Saunderson's k1 and k2). */
export const SheetOfPaper = z.looseObject({
  L: z.number().check(z.gte(40), z.lte(100)),
  a: z.number().check(z.gte(-30), z.lte(30)),
  b: z.number().check(z.gte(-30), z.lte(40)),
  k1: z.optional(z.number().check(z.gte(0), z.lte(0.1))),
  k2: z.optional(z.number().check(z.gte(0), z.lte(0.7))),
})
export type SheetOfPaper = z.infer<typeof SheetOfPaper>

/** CIELAB under D65, 2 degree observer, of a dry swatch on its paper. */
export const Swatch = z.looseObject({
  L: z.number().check(z.gte(0), z.lte(100)),
  a: z.number().check(z.gte(-128), z.lte(128)),
  b: z.number().check(z.gte(-128), z.lte(128)),
  source: z.enum(SWATCH_SOURCES),
  /** Spread of repeated readings or of the pixels read, one standard deviation, CIEDE2000. */
  sd: z.optional(z.number().check(z.gte(0), z.lte(50))),
  /** Reflectance of 36 bands, 380 to 730 nm by 10 nm, where it was measured. */
  spectrum: z.optional(z.array(z.number().check(z.gte(0), z.lte(1.2))).check(z.length(36))),
  /** When and from what it was taken. */
  day: z.optional(Day),
  note: z.optional(text(200)),
  /** The paper it was painted on, CIELAB; bright white where nothing is said. */
  on: z.optional(SheetOfPaper),
  /** Made up to try something out, for good: it is no measurement, whatever its source says. */
  simulated: z.optional(z.boolean()),
})
export type Swatch = z.infer<typeof Swatch>

/** A wash beside the usual one, with its parts of water to one of paint where somebody counted them. */
export const Wash = z.extend(Swatch, { water: z.optional(z.number().check(z.gte(0), z.lte(200))) })
export type Wash = z.infer<typeof Wash>

/** The swatches a paint can have, masstone and wash first. */
export const SWATCH_KINDS = ['masstone', 'wash', 'tint', 'overBlack', 'lifted', 'window'] as const
export type SwatchKind = (typeof SWATCH_KINDS)[number]

export const GRADES = ['artist', 'student', 'handmade'] as const
/** What it is bound for; watercolour where nothing is said. */
export const MEDIA = ['watercolour', 'gouache', 'ink', 'casein', 'acrylic', 'egg tempera', 'other'] as const
/** What holds its pigment, where that is known; with honey, or much glycerine, it dries slowly, stays soft and rewets at a touch. */
export const BINDERS = ['gum arabic', 'with honey'] as const
export const EFFECTS = ['fluorescent', 'pearlescent', 'interference', 'metallic'] as const

export const Paint = z.looseObject({
  id: Id,
  v: z.literal(2),
  maker: line(120),
  name: Name,
  /** Tells two paints of one name apart, before and after a reformulation. */
  formula: z.optional(line(60)),
  /** Colour Index generic names in the Index's form, as on the label. */
  pigments: z
    .array(z.string().check(z.regex(/^[PNBSA](Br|Bk|[YORVBGWM])\d{1,3}(:\d{1,2})?$/, 'A code such as PB15:3.')))
    .check(z.maxLength(12, 'At most 12 codes.')),
  series: z.optional(line(12)),
  grade: z.optional(z.enum(GRADES)),
  masstone: z.optional(Swatch),
  wash: z.optional(Swatch),
  /** Further washes: what lies between masstone and the usual wash, and beyond it. */
  washes: z.optional(z.array(Wash).check(z.maxLength(12, 'At most 12 further washes.'))),
  /** One part of it in ten of titanium white: the trade's test of strength. */
  tint: z.optional(Swatch),
  /** Over a black line, after lifting with a damp brush, after months in a window. */
  overBlack: z.optional(Swatch),
  lifted: z.optional(Swatch),
  window: z.optional(Swatch),
  /** Where a code covers several colours, the one that this paint has: `PV19` -> `rose`. */
  variants: z.optional(z.record(z.string().check(z.maxLength(12)), z.string().check(z.maxLength(40)))),
  /** The artist's own word on the family, when the computed one is not theirs. */
  family: z.optional(z.enum(PAINT_FAMILIES)),
  transparency: z.optional(z.enum(TRANSPARENCIES)),
  staining: z.optional(z.enum(STAININGS)),
  granulation: z.optional(z.enum(GRANULATIONS)),
  lightfastness: z.optional(z.enum(LIGHTFASTNESSES)),
  effect: z.optional(z.enum(EFFECTS)),
  medium: z.optional(z.enum(MEDIA)),
  binder: z.optional(z.enum(BINDERS)),
  discontinued: z.optional(z.boolean()),
  /** Whether its binder and pigments come without animals, where that is recorded. */
  vegan: z.optional(z.boolean()),
  /** One's own marks: for a trip, loved, to give away. */
  marks: z.optional(z.array(line(40)).check(z.maxLength(20, 'At most 20 marks.'))),
  /** A photograph of the tube or its card, kept with the pictures. */
  pictureId: z.optional(Id),
  /** g/ml from the tube, where it was weighed. */
  density: z.optional(z.number().check(z.gte(0.8), z.lte(4))),
  /** A mixture of one's own: the paints that are squeezed into the pan, and in which parts. It has no tube. */
  mixedFrom: z.optional(
    z
      .array(z.looseObject({ paintId: Id, parts: z.number().check(z.gt(0), z.lte(99)) }))
      .check(z.minLength(2), z.maxLength(5)),
  ),
  note: z.optional(text(2000)),
  /** Set when it was taken out of the collection but something still refers to it. */
  removed: z.optional(z.boolean()),
})
export type Paint = z.infer<typeof Paint>

const EARTHS: readonly (readonly [codes: RegExp, family: PaintFamily])[] = [
  [/^(?:PY42|PY43|PY119|PBr24)$/, 'yellow earth'],
  [/^(?:PR101|PR102)$/, 'red earth'],
  [/^(?:PG23)$/, 'green earth'],
]
/** Below this masstone an old “neutral” was a black, L* (judgement). */
const BLACK_BELOW = 36
function fineFamilyFrom1(old: Record<string, unknown>): unknown {
  const codes = Array.isArray(old.pigments) ? old.pigments.map(String) : []
  const name = typeof old.name === 'string' ? old.name.toLowerCase() : ''
  if (old.family === 'neutral') {
    const L = (old.masstone as { L?: unknown } | undefined)?.L
    return (typeof L === 'number' ? L < BLACK_BELOW : codes.some((c) => c.startsWith('PBk'))) ? 'black' : 'grey'
  }
  if (old.family !== 'earth') return old.family
  if (/burnt sienna|red/.test(name)) return 'red earth'
  if (/raw sienna|ochre|yellow/.test(name)) return 'yellow earth'
  return EARTHS.find(([own]) => codes.length > 0 && codes.every((c) => own.test(c)))?.[1] ?? 'brown'
}

/** v1 knew earths and neutrals as one family each; v2 knows the families in which painters file their tubes. */
export function paintFrom1To2(old: Record<string, unknown>): Record<string, unknown> {
  const family = fineFamilyFrom1(old)
  return { ...old, v: 2, ...(family === undefined ? {} : { family }) }
}

export const paintKind = kind({
  schema: Paint,
  version: 2,
  word: 'paint',
  many: 'paints',
  since: 1,
  migrations: { 1: paintFrom1To2 },
})
