import * as z from 'zod/mini'
import { Id, Volume } from '../../fields'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** Paint from an item went into a vessel. Onto paint that lies there it is a top-up. */
export const fill = eventKind({
  schema: z.looseObject({
    kind: z.literal('fill'),
    ...happened,
    vessel: VesselRef,
    itemId: Id,
    paintId: Id,
    millilitres: Volume.check(z.refine((v) => v > 0, 'More than 0 ml.')),
    dryingDays: z.number().check(z.gte(0), z.lte(120)),
    /** Layers that are still meant to come on it. */
    more: z.optional(z.int().check(z.gte(0), z.lte(9))),
  }),
  words: (e, name) => `filled ${name.vessel(e.vessel)} with ${name.paint(e.paintId)}`,
  line: (e, name) => `${e.millilitres} ml ${name.paint(e.paintId)} from ${name.item(e.itemId)}`,
  item: (e) => e.itemId,
  names: (e) => [e.vessel],
  foldItem: (e, fold) => fold.draw(e.millilitres),
  foldVessels: ({ vessel, itemId, paintId, day, millilitres, dryingDays, more }, fold, entryId) =>
    fold.pour(vessel, { entryId, itemId, paintId, day, millilitres, dryingDays, ...(more ? { more } : {}) }),
})
