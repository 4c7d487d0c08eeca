import type { Offer } from '../documents/offer'
import { perMillilitre } from './offers'

/** Beyond so many years a tube is not reckoned to be good for anything (judgement: gum stiffens). */
export const KEEPS_YEARS = 4

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

/** A size that may be bought, and what it costs more over the years than the one that suits best, hundredths. */
export interface SizeChoice {
  offer: Offer
  later: number
}

/**
 * The sizes among which a budget chooses: the one that suits best, and smaller ones that ask for less now, as long as they
 * last till its end. Which is bought is decided with offers and deliveries, since what suits best may not fit in.
 */
export function sizesToChoose(offers: readonly Offer[], perYear: number | undefined, years: number): SizeChoice[] {
  const [best, ...others] = compareSizes(offers, perYear)
  if (!best) return []
  let least = best.minor
  const smaller = others.filter((size) => {
    if (size.minor >= least || (size.lasts ?? 0) < years) return false
    least = size.minor
    return true
  })
  const over = (size: Size) => Math.max(0, Math.round(KEEPS_YEARS * ((size.perYear ?? 0) - (best.perYear ?? 0))))
  return [best, ...smaller].map((size) => ({ offer: size.offer, later: over(size) }))
}
