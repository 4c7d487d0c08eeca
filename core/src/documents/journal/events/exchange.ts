import * as z from 'zod/mini'
import { eventKind, happened } from '../eventKind'
import { PlaceRef } from '../vessel'

/** What lies in two places changed places. */
export const exchange = eventKind({
  schema: z.looseObject({ kind: z.literal('exchange'), ...happened, place: PlaceRef, other: PlaceRef }),
  words: (e, name) => `moved the pan of ${name.place(e.place)} to ${name.place(e.other)}`,
  line: (e, name) => `pan exchanged between ${name.place(e.place)} and ${name.place(e.other)}`,
  names: (e) => [e.place, e.other],
  foldVessels: (e, fold) => fold.exchange(e.place, e.other, e.day),
})
