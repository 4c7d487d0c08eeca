import type { Offer } from '../documents/offer'
import { perMillilitre } from './offers'

/** Beyond so many years a tube is not reckoned to be good for anything (judgement: gum stiffens). */
const KEEPS_YEARS = 4

/** One size of a paint, with what it comes to. */
export interface Size {
  offer: Offer
  millilitres: number
  minor: number
  /** Hundredths a millilitre. */
  perMl?: number
  /** How long it lasts at the rate of use, years; undefined where nothing is known of that. */
  lasts?: number
  /** Hundredths for each year of use: what decides, where it is known. */
  perYear?: number
}

/** The sizes in which a paint is sold, the best first: for what is used in a year, the cheapest a year; else the cheapest. */
export function compareSizes(offers: readonly Offer[], perYear: number | undefined): Size[] {
  const sizes = offers.flatMap((offer): Size[] => {
    const millilitres = offer.holds[0]?.millilitres ?? 0
    const { minor } = offer
    if (!minor) return []
    const price = perMillilitre(offer)
    const perMl = price === undefined ? {} : { perMl: price }
    if (!perYear || millilitres <= 0) return [{ offer, millilitres, minor, ...perMl }]
    const lasts = millilitres / perYear
    return [{ offer, millilitres, minor, ...perMl, lasts, perYear: minor / Math.min(lasts, KEEPS_YEARS) }]
  })
  const cost = (size: Size) => size.perYear ?? Infinity
  return sizes.sort(
    (p, q) => (cost(p) === cost(q) ? 0 : cost(p) - cost(q)) || p.minor - q.minor || q.millilitres - p.millilitres,
  )
}
