import type { Offer, OfferedPaint } from '../documents/offer'
import type { Paint } from '../documents/paint'
import type { Shop } from '../documents/shop'
import { byIdentity, identityOf, isSameCodes } from '../paints/collect'
import { pigmentsOf } from '../paints/doubles'
import { plainWords } from '../using/projectUse'
import type { Need } from './need'

/** How an offered paint answers a need: it is the very paint, or one of the same pigments. */
export type Match = 'the same' | 'same pigments'

/** Whether an offered paint answers a need. The very paint is of the same maker and name; a need of a pigment or of words takes any maker. */
export function matchOf(
  need: Pick<Need, 'paintId' | 'name' | 'maker' | 'pigments' | 'anyMaker'> & Partial<Pick<Need, 'key' | 'answer'>>,
  offered: OfferedPaint,
): Match | undefined {
  if (need.paintId) {
    if (
      identityOf({ maker: need.maker ?? '', name: need.name }) ===
      identityOf({ maker: offered.maker, name: offered.name })
    )
      return 'the same'
    return need.anyMaker && isSameCodes(need.pigments, offered.pigments) ? 'same pigments' : undefined
  }
  if (plainWords(need.name) === plainWords(offered.name)) return 'the same'
  if (!need.pigments.length || !isSameCodes(need.pigments, offered.pigments)) return undefined
  // a code is many colours: “a darker brown, PBr7” is no raw sienna, unless somebody said that any will do
  const isAny = need.key?.startsWith('code:') || need.answer?.means
  return isAny || namesAgree(need.name, offered.name) ? 'the same' : undefined
}

/** Words that say nothing of which colour is meant. */
const FILLING = new Set(
  'a an the of for and with some another good new more very darker lighter warmer cooler deeper paler bigger larger small dark light deep pale warm cool'.split(
    ' ',
  ),
)
const telling = (words: string) =>
  plainWords(words)
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 2 && !FILLING.has(w))

/** Whether what is wanted in words is in the name of what is offered: every word that tells a colour. */
function namesAgree(wanted: string, offered: string): boolean {
  const there = new Set(telling(offered))
  const words = telling(wanted.replace(/\bP[A-Za-z]{1,2}\d+\S*/g, ' '))
  return words.every((w) => there.has(w))
}

/** Price of a millilitre, hundredths; undefined where size or price is not known. */
export const perMillilitre = ({ minor, holds }: Pick<Offer, 'minor' | 'holds'>): number | undefined => {
  const millilitres = holds.reduce((sum, h) => sum + h.millilitres, 0)
  return minor && millilitres > 0 && holds.every((h) => h.millilitres > 0) ? minor / millilitres : undefined
}

/** What a millilitre of watercolour costs at the most, in units of a currency of about that size (judgement). */
const DEAREST = 25
const LIKE_THE_EURO = new Set(['EUR', 'USD', 'GBP', 'CHF', 'CAD', 'AUD', 'NZD', 'SGD'])
/** Fewer prices than these say little of what is usual in a list. */
const FEW = 8

/** A price that is so many times the list's middle one, or as small a part of it, is a slip (judgement). */
const ABSURD = 40

/** Why an offer cannot be planned with; undefined where it can. */
export type Unusable = 'no price' | 'sold out' | 'absurd price'

/** Says of each offer of a shop why it cannot be planned with, where it cannot. */
export function judgeOffers({
  offers,
  currency = '',
}: Pick<Shop, 'offers'> & Partial<Pick<Shop, 'currency'>>): (offer: Offer) => Unusable | undefined {
  const prices = offers.flatMap((o) => perMillilitre(o) ?? []).sort((p, q) => p - q)
  const middle = prices[prices.length >> 1] ?? 0
  return (offer) => {
    if (offer.isSoldOut) return 'sold out'
    if (!offer.minor) return 'no price'
    const price = perMillilitre(offer)
    if (price === undefined) return undefined
    // “1.250,00” for 14 ml is a slip also in a list of three lines
    if (LIKE_THE_EURO.has(currency) && price > DEAREST * 100) return 'absurd price'
    if (prices.length < FEW) return undefined
    return price > middle * ABSURD || price < middle / ABSURD ? 'absurd price' : undefined
  }
}

/** What is offered, as a paint: one that nobody owns yet. */
export const paintOfOffered = (
  { maker, name, formula, pigments }: OfferedPaint,
  id: string = identityOf({ maker, name }),
): Paint => ({ id, v: 2, maker, name, pigments, ...(formula ? { formula } : {}) })

/** A set against what is owned and needed. */
export interface SetWorth {
  paints: number
  /** Paints in it that are owned already, by the paint owned. */
  owned: string[]
  /** In it more than once. */
  twice: number
  /**
   * Paints of which the same pigments are owned, by another maker or under another name, by the paint owned: of a code that is
   * several colours only the same of them, since a burnt sienna is no raw one.
   */
  alike: { held: OfferedPaint; paintId: string }[]
  /** What it brings that is neither owned, nor of pigments that are, nor in it twice. */
  fresh: OfferedPaint[]
  /** Price of each paint that is new, hundredths. */
  perFresh?: number
}

/** What a set brings beside what is owned: how much of it is duplicates. Several sets together are one list of paints. */
export function setAgainstOwned(holds: readonly OfferedPaint[], owned: readonly Paint[], minor?: number): SetWorth {
  const known = byIdentity(owned)
  const ofPigments = new Map(owned.flatMap((p) => (p.pigments.length ? [[pigmentsOf(p), p] as const] : [])).reverse())
  const seen = new Set<string>()
  const worth: SetWorth = { paints: holds.length, owned: [], twice: 0, alike: [], fresh: [] }
  for (const paint of holds) {
    const key = identityOf(paint)
    const own = known.get(key)
    const alike = paint.pigments.length ? ofPigments.get(pigmentsOf(paintOfOffered(paint))) : undefined
    if (seen.has(key)) worth.twice += 1
    else if (own) worth.owned.push(own.id)
    else if (alike) worth.alike.push({ held: paint, paintId: alike.id })
    else worth.fresh.push(paint)
    seen.add(key)
  }
  return minor && worth.fresh.length ? { ...worth, perFresh: minor / worth.fresh.length } : worth
}
