import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** A pan was taken out of its place and lies loose. */
export const takeOut = eventKind({
  schema: z.looseObject({ kind: z.literal('takeOut'), ...happened, vessel: VesselRef }),
  words: (e, name) => `took ${name.vessel(e.vessel)} out`,
  line: (e, name) => `${name.vessel(e.vessel)} taken out`,
  names: (e) => [e.vessel],
  foldVessels: (e, fold) => fold.takeOut(e.vessel, e.day),
})
