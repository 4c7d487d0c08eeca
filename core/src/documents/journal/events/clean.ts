import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'

/** A vessel was emptied and cleaned. */
export const clean = eventKind({
  schema: z.looseObject({ kind: z.literal('clean'), ...happened, vessel: VesselRef }),
  words: (e, name) => `cleaned ${name.vessel(e.vessel)}`,
  line: () => 'emptied and cleaned',
  names: (e) => [e.vessel],
  foldVessels: (e, fold) => fold.empty(e.vessel, e.day),
})
