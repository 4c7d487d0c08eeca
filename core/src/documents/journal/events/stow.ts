import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { VesselRef } from '../vessel'
import { Whereabouts, whereaboutsInWords } from '../whereabouts'

/** A pan went where it lies in no palette: into the master set, a tin or a bag, to somebody, or away. */
export const stow = eventKind({
  schema: z.looseObject({ kind: z.literal('stow'), ...happened, vessel: VesselRef, where: Whereabouts }),
  words: (e, name) => `laid ${name.vessel(e.vessel)} ${whereaboutsInWords(e.where)}`,
  line: (e, name) => `${name.vessel(e.vessel)} laid ${whereaboutsInWords(e.where)}`,
  names: (e) => [e.vessel],
  foldVessels: (e, fold) => fold.stow(e.vessel, e.where, e.day),
})
