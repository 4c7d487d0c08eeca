import * as z from 'zod/mini'
import { Brief } from './brief'
import { Day, Id, Name, text } from './fields'
import { Holder, PlacePlan, type Palette } from './palette'
import { kind, newestFirst } from './kind'

/** A palette as it was planned at one time, kept under a name. It never changes; what comes after is another. */
export const Version = z.looseObject({
  id: Id,
  v: z.literal(1),
  paletteId: Id,
  name: Name,
  day: Day,
  /** Why it was kept, or what it is for. */
  reason: z.optional(text(300)),
  holder: Holder,
  plan: z.record(z.string().check(z.maxLength(12)), PlacePlan),
  brief: z.optional(Brief),
})
export type Version = z.infer<typeof Version>

/** A palette as it was in a version; everything else of it stays. Without a brief where the version had none. */
export function atVersion(palette: Palette, { holder, plan, brief }: Version): Palette {
  const { brief: _now, ...rest } = palette
  return { ...rest, holder, plan, ...(brief ? { brief } : {}) }
}

/** What is kept of a palette in a version. */
export const versionOf = ({ holder, plan, brief }: Palette): Pick<Version, 'holder' | 'plan' | 'brief'> => ({
  holder,
  plan,
  ...(brief ? { brief } : {}),
})

export const versionKind = kind({
  schema: Version,
  version: 1,
  word: 'version of a palette',
  many: 'versions of palettes',
  since: 4,
  order: newestFirst,
})
