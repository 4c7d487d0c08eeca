import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { PlaceRef, VesselRef } from '../vessel'

/** A pan was put into a place; a pan that lay there comes out. */
export const put = eventKind({
  schema: z.looseObject({ kind: z.literal('put'), ...happened, vessel: VesselRef, place: PlaceRef }),
  words: (e, name) => `put ${name.vessel(e.vessel)} into ${name.place(e.place)}`,
  line: (e, name) => `${name.vessel(e.vessel)} put into ${name.place(e.place)}`,
  names: (e) => [e.vessel, e.place],
  foldVessels: (e, fold) => fold.put(e.vessel, e.place, e.day),
})
