import type { Price } from '../documents/fields'
import type { Shop } from '../documents/shop'
import { keyOfCodes } from '../paints/collect'
import { type Sums, sumsOf } from '../paints/reading/price'
import { judgeOffers, perMillilitre } from './offers'

/** One paint that everybody of a class buys. */
export interface ClassTube {
  /** Tubes a student needs, 0 upward, and what one holds, ml. */
  tubes: number
  millilitres: number
  /** Of a millilitre, where it is known. */
  perMl?: Price
}
/** What a list comes to, by currency, hundredths. */
export interface ClassSums {
  tubes: number
  each: Sums
  all: Sums
  /** Kinds of paint that are to be bought and have no price. */
  unpriced: number
}

/** What a list costs one student and so many. Tubes are bought whole. */
export function sumsOfClass(lines: readonly ClassTube[], students: number): ClassSums {
  const bought = lines.filter((l) => l.tubes > 0)
  const each = sumsOf(
    bought.flatMap(({ perMl, tubes, millilitres }) =>
      perMl ? [{ currency: perMl.currency, minor: Math.round(perMl.minor * millilitres) * tubes }] : [],
    ),
  )
  return {
    tubes: bought.reduce((sum, l) => sum + l.tubes, 0),
    each,
    all: new Map([...each].map(([currency, minor]) => [currency, minor * students])),
    unpriced: bought.filter((l) => !l.perMl).length,
  }
}

/**
 * What a millilitre of a pigment, or of just these together, costs at the least in the lists of shops that are held: of a single
 * tube, of any maker, in a currency. Undefined where none of them sells it.
 */
export function leastPrices(
  shops: readonly Shop[],
  currency: string,
): (pigments: readonly string[]) => Price | undefined {
  const least = new Map<string, number>()
  for (const shop of shops) {
    if (shop.currency !== currency) continue
    const judge = judgeOffers(shop)
    for (const offer of shop.offers) {
      const [held, more] = offer.holds
      const price = perMillilitre(offer)
      if (!held?.pigments.length || more || held.kind !== 'tube' || price === undefined || judge(offer)) continue
      const key = keyOfCodes(held.pigments)
      least.set(key, Math.min(price, least.get(key) ?? Infinity))
    }
  }
  return (pigments) => {
    const minor = least.get(keyOfCodes(pigments))
    return minor === undefined ? undefined : { minor, currency }
  }
}
