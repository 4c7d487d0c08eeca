import * as z from 'zod/mini'
import { Id, Volume } from '../../fields'
import { eventKind, happened } from '../eventKind'

/** What is left in an item was looked at, weighed or guessed anew. */
export const measure = eventKind({
  schema: z.looseObject({ kind: z.literal('measure'), ...happened, itemId: Id, millilitres: Volume }),
  words: (e, name) => `measured what is left in ${name.item(e.itemId)}`,
  line: (e) => `${e.millilitres} ml left`,
  item: (e) => e.itemId,
  foldItem: (e, fold) => fold.measured(e.day, e.millilitres),
})
