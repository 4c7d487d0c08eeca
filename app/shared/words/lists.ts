import type { Bringing } from '@juxtachrome/core/choosing'

/** What sentences of several features are made of: shares, lists of names, mixtures. */
export type NameOf = (id: string) => string

export const percent = (share: number): string =>
  share > 0 && share < 0.01 ? `${(100 * share).toFixed(1)} %` : `${Math.round(100 * share)} %`
/** A share that is gained or lost, to a tenth. */
export const points = (share: number): string => `${(100 * share).toFixed(1)} %`
export const andMore = (names: readonly string[], most = 3): string =>
  names.length <= most ? listed(names) : `${names.slice(0, most - 1).join(', ')} and ${names.length - most + 1} more`
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

export const mixtureInWords = (paints: readonly { id: string; parts: number }[], nameOf: NameOf): string =>
  paints.map((p) => (paints.length > 1 ? `${p.parts} ${nameOf(p.id)}` : nameOf(p.id))).join(' + ')

export const gainInWords = ({ reach, worth }: Bringing): string =>
  reach >= 0.0005 ? `+${points(reach)}` : worth >= 0.0005 ? 'less mixing' : 'nothing new'
