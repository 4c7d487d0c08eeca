import * as z from 'zod/mini'
import { Day, Id, Name } from './fields'
import { Offer } from './offer'
import { byName, kind } from './kind'

/** Lines of one shop: more than a whole shop for artists has. */
export const MOST_OFFERS = 25_000
const Minor = z.int().check(z.gte(0), z.lte(100_000_00))

/** A shop and its list of prices as it was on a day. */
export const Shop = z.looseObject({
  id: Id,
  v: z.literal(1),
  name: Name,
  /** Of which day the prices are. */
  day: Day,
  currency: z.string().check(z.regex(/^[A-Z]{3}$/, 'A currency such as EUR.')),
  /** What a delivery costs, and from which sum on it is free; hundredths. */
  delivery: z.optional(Minor),
  freeFrom: z.optional(Minor),
  /** Where the list came from: a file, or the simulated shop by its name there. */
  simulated: z.optional(z.string().check(z.maxLength(40))),
  offers: z.array(Offer).check(z.maxLength(MOST_OFFERS, `At most ${MOST_OFFERS} lines.`)),
})
export type Shop = z.infer<typeof Shop>

export const shopKind = kind({ schema: Shop, version: 1, word: 'shop', many: 'shops', since: 8, order: byName })
