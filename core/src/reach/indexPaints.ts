import { derived } from '../collection/caches'
import { itemsByPaint, paintsJudged, palettesIn } from '../collection/lists'
import type { Reading } from '../collection/reading'
import { isUsable } from '../documents/item'
import type { Paint } from '../documents/paint'
import { plannedPaints } from '../documents/plan'
import { cachedOptics } from '../film/cachedOptics'
import { asItMixes, strengthsIn, type Learned } from '../mixing/strengths'
import { lastingOf, usualOf } from '../order'
import { MOST_INDEXED, type IndexPaint } from './mixtureIndex'

export interface Indexed {
  paints: IndexPaint[]
  /** Paints that take no part, and why. */
  left: { id: string; message: string }[]
  /** How many more there are than an index holds. */
  over: number
}

/**
 * The paints of a reading as an index takes them: those outside the model left out; of very many first what is planned
 * somewhere, then what is there, lasts and is no twin of one before it, the most usual first.
 */
export function indexPaintsOf(
  paints: readonly Paint[],
  strengths?: Learned,
  { planned = new Set(), isThere = () => true }: Weighing = {},
): Indexed {
  const indexed: Indexed = { paints: [], left: [], over: 0 }
  const isMany = paints.length > MOST_INDEXED
  for (const paint of isMany ? thatMatter(paints, { planned, isThere }) : paints) {
    // a film takes a while to work out: not for paints that find no room
    if (indexed.paints.length === MOST_INDEXED) {
      indexed.over += 1
      continue
    }
    const optics = cachedOptics(paint)
    if (optics.ok) indexed.paints.push({ id: paint.id, optics: asItMixes(optics.value, strengths, paint.id) })
    else indexed.left.push({ id: paint.id, message: optics.error.message })
  }
  // in the order of the list, so that a plan that changes leaves the index of the others as it was
  const places = new Map(paints.map(({ id }, i) => [id, i]))
  indexed.paints.sort((p, q) => places.get(p.id)! - places.get(q.id)!)
  return indexed
}

/** What of very many paints is weighed first. */
interface Weighing {
  planned?: ReadonlySet<string>
  isThere?: (paintId: string) => boolean
}

/** Those first that a palette would be chosen from; what is set aside last of all still follows. */
function thatMatter(paints: readonly Paint[], { planned, isThere }: Required<Weighing>): Paint[] {
  const seen = new Set<string>()
  const weighed = [...paints]
    .map((paint) => ({
      paint,
      aside: planned.has(paint.id) ? 0 : !isThere(paint.id) || lastingOf(paint).level === 0 ? 3 : 1,
      usual: usualOf(paint),
    }))
    .sort((p, q) => p.aside - q.aside || q.usual - p.usual)
    .map((one) => {
      // paints of the same pigments without a swatch of their own have the same film
      const film = sameFilm(one.paint)
      const isTwin = film !== undefined && seen.has(film)
      if (film) seen.add(film)
      return isTwin && one.aside === 1 ? { ...one, aside: 2 } : one
    })
  return weighed.sort((p, q) => p.aside - q.aside || q.usual - p.usual).map(({ paint }) => paint)
}

const sameFilm = ({ masstone, wash, pigments, variants }: Paint): string | undefined =>
  masstone || wash || !pigments.length ? undefined : JSON.stringify([[...pigments].sort(), variants ?? {}])

/** The same of a whole reading, worked out anew only when paints, notes or, of very many, plans and tubes change. */
export const indexPaintsIn = (reading: Reading): Indexed =>
  paintsJudged(reading).length > MOST_INDEXED ? someIn(reading) : allIn(reading)

const allIn = derived((c): Indexed => indexPaintsOf(paintsJudged(c), strengthsIn(c)))
const someIn = derived((c): Indexed => {
  const planned = new Set(palettesIn(c).flatMap((p) => [...plannedPaints(p)]))
  const items = itemsByPaint(c)
  const isThere = (id: string) => items.get(id)?.some(isUsable) ?? false
  return indexPaintsOf(paintsJudged(c), strengthsIn(c), { planned, isThere })
})
