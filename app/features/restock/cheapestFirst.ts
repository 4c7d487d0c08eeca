import type { Shop } from '@juxtachrome/core/documents'
import type { compareSizes } from '@juxtachrome/core/restocking'

export type SizedOffer = ReturnType<typeof compareSizes>[number] & { shop: Shop }

/**
 * Offers of several shops in one order: for what is used in a year what costs least a year, else the least a ml, else the
 * least. Prices of another currency come after, by themselves: nobody knows the rate of the day.
 */
export function cheapestFirst(offers: readonly SizedOffer[]): SizedOffer[] {
  const currencies = [...new Set(offers.map((o) => o.shop.currency))]
  const cost = ({ perYear, perMl, minor }: SizedOffer) => [perYear ?? Infinity, perMl ?? Infinity, minor]
  return [...offers].sort((p, q) => {
    const [one, other] = [p, q].map((o) => [currencies.indexOf(o.shop.currency), ...cost(o)]) as [number[], number[]]
    const at = one.findIndex((value, i) => value !== other[i])
    return at < 0 ? 0 : one[at]! - other[at]!
  })
}
