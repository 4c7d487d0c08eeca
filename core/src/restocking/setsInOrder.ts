import type { Offer } from '../documents/offer'
import type { Paint } from '../documents/paint'
import { type Criterion, inOrder, lastingOf, type Placed, usualOf } from '../order'
import { compareText } from '../paints/view'
import { paintOfOffered, type SetWorth } from './offers'

/** A set as a shop offers it, and what it is worth beside what is owned. */
export interface SetOnOffer {
  offer: Offer
  /** The shop's money: what sets cost is compared where all of them ask for the same. */
  currency: string
  /** How many needs it answers. */
  serves: number
  worth: SetWorth
}

/** Rated lower by some counts as lasting; a code that nobody knows does not. */
const LASTS = 2

/** What is new in a set, told apart by whether it lasts: what fades is no reason to buy a set. */
export function newInSet({ fresh }: Pick<SetWorth, 'fresh'>): { lasting: Paint[]; fading: Paint[]; unknown: Paint[] } {
  const paints = fresh.map((held) => paintOfOffered(held))
  const levelOf = (paint: Paint) => lastingOf(paint).level
  return {
    lasting: paints.filter((p) => levelOf(p) >= LASTS),
    fading: paints.filter((p) => levelOf(p) === 0),
    unknown: paints.filter((p) => levelOf(p) === 1),
  }
}

/**
 * Sets in the order of what counts: what answers most needs; then what brings most that is new and lasts; of those what
 * holds least that fades, least that is owned already, what is most usual; then the price of each paint that is new, where
 * all ask for the same money. Whatever order they come in, they go out in the same.
 */
export function setsInOrder<T extends SetOnOffer>(sets: readonly T[]): Placed<T>[] {
  const isOneMoney = new Set(sets.map((s) => s.currency)).size <= 1
  const news = new Map(sets.map((s) => [s, newInSet(s.worth)]))
  const usual = (set: T) => {
    const { lasting } = news.get(set)!
    return lasting.reduce((sum, p) => sum + usualOf(p), 0) / (lasting.length || 1)
  }
  const price: Criterion<T> = { says: 'each new paint costs less', of: ({ worth }) => -(worth.perFresh ?? Infinity) }
  return inOrder(
    sets,
    [
      { says: 'it answers more needs', of: (s) => s.serves },
      { says: 'it brings more that is new and lasts', of: (s) => news.get(s)!.lasting.length },
      { says: 'less in it fades', of: (s) => -news.get(s)!.fading.length },
      {
        says: 'less in it is owned already',
        of: ({ worth }) => -(worth.owned.length + worth.alike.length + worth.twice),
      },
      { says: 'its paints are more usual', of: usual },
      ...(isOneMoney ? [price] : []),
    ],
    (p, q) =>
      compareText(p.offer.set ?? '', q.offer.set ?? '') ||
      compareText(p.offer.id, q.offer.id) ||
      compareText(JSON.stringify(p.offer), JSON.stringify(q.offer)),
  )
}
