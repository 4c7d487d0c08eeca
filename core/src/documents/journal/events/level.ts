import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** How much is left in a vessel was looked at: a share, 0..1, of all that was poured into what lies there. */
export const level = eventKind({
  schema: z.looseObject({
    kind: z.literal('level'),
    ...happened,
    vessel: VesselRef,
    share: z.number('A share from 0 to 1.').check(z.gte(0, 'Not below 0.'), z.lte(1, 'At most all of it.')),
  }),
  words: (e, name) => `found ${Math.round(e.share * 100)} % left in ${name.vessel(e.vessel)}`,
  line: (e) => `${Math.round(e.share * 100)} % of what was put in is left`,
  names: (e) => [e.vessel],
  foldVessels: (e, fold) => fold.seen(e.vessel, e.share, e.day),
})
