import * as z from 'zod/mini'
import { Id } from './fields'
import { kind } from './kind'
import { SheetOfPaper } from './paint'
import { PanMeasures } from './pan'

/** The one document of settings: what belongs to the collection and goes with it to another device. */
export const SETTINGS_ID = 'settings'

/** What holds for the whole collection; how one likes to look at it stays with the device. */
export const Settings = z.looseObject({
  id: Id,
  v: z.literal(1),
  /** Prices without a sign are in this currency. */
  currency: z.optional(z.string().check(z.regex(/^[A-Z]{3}$/, 'A currency such as EUR.'))),
  /** Makers of which no paint is left: what was a maker once is one. */
  makers: z.optional(z.array(z.string().check(z.minLength(1), z.maxLength(120))).check(z.maxLength(2000))),
  /** The paper that swatches are painted on. */
  paper: z.optional(SheetOfPaper),
  /** Whether white and black enter mixtures: most painters keep them out (common practice, no source). */
  inMixtures: z.optional(z.array(z.enum(['white', 'black'])).check(z.maxLength(2))),
  /** How large one's own pans are, where they differ from the usual. */
  pans: z.optional(z.record(z.string().check(z.maxLength(20)), PanMeasures)),
  /** Headings of tables that were given a meaning by hand, as they are compared: the field, or nothing. */
  headings: z.optional(z.record(z.string().check(z.maxLength(120)), z.string().check(z.maxLength(40)))),
})
export type Settings = z.infer<typeof Settings>

export const settingsKind = kind({
  schema: Settings,
  version: 1,
  word: 'set of settings',
  many: 'settings',
  since: 9,
  joined: ['pans', 'headings'],
})
