import * as z from 'zod/mini'
import { line } from '../fields'

export const STOWED = ['master set', 'tin', 'bag', 'lent', 'given away', 'thrown away'] as const

/** Where a pan is that lies in no palette, and which tin or bag, or with whom, in words. */
export const Whereabouts = z.looseObject({ kind: z.enum(STOWED), words: z.optional(line(60)) })
export type Whereabouts = z.infer<typeof Whereabouts>

/** Pans that are gone are no longer reckoned with. */
export const isGone = ({ kind }: Whereabouts): boolean => kind === 'given away' || kind === 'thrown away'

/** `among the loose pans`, `lent to Una`: after a verb such as laid. */
export function whereaboutsInWords({ kind, words }: Whereabouts): string {
  if (kind === 'master set') return 'among the loose pans'
  if (kind === 'lent') return words ? `out, lent to ${words}` : 'out, lent'
  if (kind === 'given away') return words ? `aside, given to ${words}` : 'aside, given away'
  if (kind === 'thrown away') return 'aside, thrown away'
  return words ? `into the ${kind} “${words}”` : `into a ${kind}`
}
