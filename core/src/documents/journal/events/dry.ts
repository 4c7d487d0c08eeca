import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** A vessel was found or declared dry. */
export const dry = eventKind({
  schema: z.looseObject({ kind: z.literal('dry'), ...happened, vessel: VesselRef }),
  words: (e, name) => `found ${name.vessel(e.vessel)} dry`,
  line: () => 'found dry',
  names: (e) => [e.vessel],
  foldVessels: (e, fold) => fold.declareDry(e.vessel, e.day),
})
