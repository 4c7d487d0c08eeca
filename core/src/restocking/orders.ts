import { added, updated, type Change } from '../documents/diff'
import type { Item } from '../documents/item'
import type { OfferedPaint } from '../documents/offer'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { isStanding, type Purchase, type PurchaseLine, type PurchaseState } from '../documents/purchase'
import { USUAL_MILLILITRES, byIdentity, identityOf, isSameCodes } from '../paints/collect'
import { paintOfOffered } from './offers'
import { fail, ok, type Result } from '../result'
import { plainWords } from '../using/projectUse'
import { deliveryOf } from './problem'
import type { PlannedOffer } from './plannedOffer'

export interface OrderQuestion {
  /** All from one shop. */
  offers: readonly PlannedOffer[]
  paints: readonly Paint[]
  day: string
  newId: () => string
}

/**
 * An order of offers from one shop: the purchase, an item on order for every paint in it, and the paints that were not
 * listed yet. The price of a set is shared out among its paints, to the last hundredth.
 *
 * Errors: `nothing-ordered`, `several-shops`, `no-price`.
 */
export function placeOrder({
  offers,
  paints,
  day,
  newId,
}: OrderQuestion): Result<{ purchase: Purchase; changes: Change[] }> {
  const [first] = offers
  if (!first) return fail('nothing-ordered', 'Nothing was chosen to be ordered.')
  const { shop } = first
  if (offers.some((o) => o.shop.id !== shop.id)) return fail('several-shops', 'One order goes to one shop.')
  const known = byIdentity(paints)
  const changes: Change[] = []
  const lines: PurchaseLine[] = []
  for (const { offer, serves } of offers) {
    if (!offer.minor) return fail('no-price', `${wordsOf(offer.set, offer.holds)} has no price.`)
    const shares = sharedOut(offer.minor, offer.holds.length)
    const itemIds = offer.holds.map((held, i) => {
      const paint = known.get(identityOf(held)) ?? paintOfOffered(held, newId())
      if (!known.has(identityOf(held))) changes.push(added('paints', paint))
      known.set(identityOf(held), paint)
      const item = itemOf(held, paint.id, { minor: shares[i]!, currency: shop.currency }, shop.name, newId())
      changes.push(added('items', item))
      return item.id
    })
    const keys = [...new Set(serves.map((s) => s.key))]
    const words = wordsOf(offer.set, offer.holds)
    lines.push({ words, minor: offer.minor, itemIds, state: 'ordered', serves: keys })
  }
  const goods = lines.reduce((sum, l) => sum + l.minor, 0)
  const delivery = deliveryOf(
    { id: shop.id, delivery: shop.delivery ?? 0, ...(shop.freeFrom ? { freeFrom: shop.freeFrom } : {}) },
    goods,
  )
  const purchase: Purchase = {
    id: newId(),
    v: 1,
    shop: shop.name,
    day,
    currency: shop.currency,
    ...(delivery ? { delivery } : {}),
    lines,
  }
  return ok({ purchase, changes: [...changes, added('purchases', purchase)] })
}

/** What an order costs as it stands, with its delivery as long as any of it does; hundredths. */
export function standingSum({ lines, delivery = 0 }: Purchase): number {
  const standing = lines.filter(isStanding)
  return standing.length ? standing.reduce((sum, l) => sum + l.minor, delivery) : 0
}

/** `Viridian, Halvard & Roe, 15 ml`; of a set its name and how many it holds. */
export function wordsOf(set: string | undefined, holds: readonly OfferedPaint[]): string {
  const [first] = holds
  if (set || !first) return `${set ?? 'a set'}, ${holds.length} paints`.slice(0, 200)
  return [first.name, first.maker, first.millilitres ? `${first.millilitres} ml` : '']
    .filter(Boolean)
    .join(', ')
    .slice(0, 200)
}

/** A sum in whole parts that add up to it. */
function sharedOut(minor: number, parts: number): number[] {
  const each = Math.floor(minor / parts)
  return Array.from({ length: parts }, (_, i) => each + (i < minor - each * parts ? 1 : 0))
}

const itemOf = (
  { kind, millilitres }: OfferedPaint,
  paintId: string,
  price: Item['price'],
  boughtFrom: string,
  id: string,
): Item => ({
  id,
  v: 2,
  paintId,
  kind,
  millilitres: millilitres || USUAL_MILLILITRES[kind],
  ...(millilitres ? {} : { sizeAssumed: true }),
  supply: 'on order',
  remarks: [],
  price,
  boughtFrom,
})

/**
 * What became of a line of a purchase. Delivered, its items are sealed tubes bought that day; returned or never mind, they
 * are taken out of the collection, opened or not: a tube that was sent back is not at hand, whatever it filled. Ordered,
 * they are on order again, but for those that were opened since.
 */
export function settleLine(
  purchase: Purchase,
  index: number,
  state: PurchaseState,
  item: (id: string) => Item | undefined,
  day: string,
): Change[] {
  const line = purchase.lines[index]
  if (!line || line.state === state) return []
  const lines = purchase.lines.map((l, i): PurchaseLine => (i === index ? { ...l, state, day } : l))
  const changes = line.itemIds.flatMap((id): Change[] => {
    const before = item(id)
    if (!before) return []
    const isUnopened = before.supply === 'on order' || before.supply === 'sealed'
    const { removed: _was, ...there } = before
    if (state === 'returned') return [updated('items', before, { ...before, removed: true })]
    if (state === 'delivered' && isUnopened)
      return [updated('items', before, { ...there, supply: 'sealed', bought: day })]
    if (state === 'delivered') return before.removed ? [updated('items', before, there)] : []
    if (!isUnopened) return []
    if (state === 'ordered') return [updated('items', before, { ...there, supply: 'on order' })]
    return [updated('items', before, { ...before, removed: true })]
  })
  return [...changes, updated('purchases', purchase, { ...purchase, lines })]
}

/** Places of palettes that are kept free for a paint: by its name, its code, or since it is stood in for there. */
export function placesKeptFor(
  paint: Paint,
  palettes: readonly Palette[],
): { palette: Palette; placeId: string; words: string }[] {
  const name = plainWords(paint.name)
  return palettes.flatMap((palette) =>
    palette.holder.places.flatMap(({ id: placeId }) => {
      const plan = planAt(palette, placeId)
      if (!plan) return []
      const { reserved, standsFor } = plan
      if (standsFor && (standsFor.paintId === paint.id || plainWords(standsFor.words) === name))
        return [{ palette, placeId, words: `stood in for ${standsFor.words}` }]
      if (!reserved || plan.paintId) return []
      const kept = plainWords(reserved)
      const isIt =
        kept === name ||
        kept.includes(name) ||
        paint.pigments.some((c) => isSameCodes([c], paint.pigments) && kept.split(/[^\w:]+/).includes(c.toLowerCase()))
      return isIt ? [{ palette, placeId, words: `kept free for ${reserved}` }] : []
    }),
  )
}
