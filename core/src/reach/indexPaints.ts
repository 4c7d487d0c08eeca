import { derived } from '../collection/caches'
import { paintsJudged, palettesIn } from '../collection/lists'
import type { Reading } from '../collection/reading'
import type { Paint } from '../documents/paint'
import { plannedPaints } from '../documents/plan'
import { cachedOptics } from '../film/cachedOptics'
import { asItMixes, strengthsIn, type LearnedStrength } from '../mixing/strengths'
import { MOST_INDEXED, type IndexPaint } from './mixtureIndex'

export interface Indexed {
  paints: IndexPaint[]
  /** Paints that take no part, and why. */
  left: { id: string; message: string }[]
  /** How many more there are than an index holds. */
  over: number
}

/**
 * The paints of a reading as an index takes them: those outside the model left out; of very many those first that
 * are planned somewhere.
 */
export function indexPaintsOf(
  paints: readonly Paint[],
  strengths?: ReadonlyMap<string, LearnedStrength>,
  planned: ReadonlySet<string> = new Set(),
): Indexed {
  const indexed: Indexed = { paints: [], left: [], over: 0 }
  const isMany = paints.length > MOST_INDEXED
  const ordered = isMany
    ? [...paints.filter((p) => planned.has(p.id)), ...paints.filter((p) => !planned.has(p.id))]
    : paints
  for (const paint of ordered) {
    // a film takes a while to work out: not for paints that find no room
    if (indexed.paints.length === MOST_INDEXED) {
      indexed.over += 1
      continue
    }
    const optics = cachedOptics(paint)
    if (optics.ok) indexed.paints.push({ id: paint.id, optics: asItMixes(optics.value, strengths?.get(paint.id)) })
    else indexed.left.push({ id: paint.id, message: optics.error.message })
  }
  return indexed
}

/** The same of a whole reading, worked out anew only when paints, notes or, of very many, plans change. */
export const indexPaintsIn = (reading: Reading): Indexed =>
  paintsJudged(reading).length > MOST_INDEXED ? someIn(reading) : allIn(reading)

const allIn = derived((c): Indexed => indexPaintsOf(paintsJudged(c), strengthsIn(c)))
const someIn = derived((c): Indexed => {
  const planned = new Set(palettesIn(c).flatMap((p) => [...plannedPaints(p)]))
  return indexPaintsOf(paintsJudged(c), strengthsIn(c), planned)
})
