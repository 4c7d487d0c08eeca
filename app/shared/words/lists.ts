import type { Bringing } from '@juxtachrome/core/choosing'
import { listed, points } from './figures'

/** What sentences of several features are made of: shares, lists of names, mixtures. */
export type NameOf = (id: string) => string

export const andMore = (names: readonly string[], most = 3): string =>
  names.length <= most ? listed(names) : `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`
export const mixtureInWords = (paints: readonly { id: string; parts: number }[], nameOf: NameOf): string =>
  paints.map((p) => (paints.length > 1 ? `${p.parts} ${nameOf(p.id)}` : nameOf(p.id))).join(' + ')

export const gainInWords = ({ reach, worth }: Bringing): string =>
  reach >= 0.0005 ? `+${points(reach)}` : worth >= 0.0005 ? 'less mixing' : 'nothing new'
