import { isUsable, type Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import type { Place } from '../documents/palette'
import { capacityOf } from './drying'

/** What of a paint filling depends on: its id, and of a mixture of one's own its parts. */
export type Filled = Pick<Paint, 'id' | 'mixedFrom'>

export interface Stock {
  /** Items to fill from, in any order. */
  itemsOf: (paintId: string) => readonly Item[]
  /** ml left in an item. */
  left: (item: Item) => number
}

/** So much from one tube, ml. */
export interface Draw {
  itemId: string
  millilitres: number
}

/** Less than this cannot be squeezed out on purpose, ml. */
export const LEAST = 0.05
export const tenth = (ml: number) => Math.round(ml * 10) / 10

/** Remarks that put a tube forward or back; of several the first counts. */
const RANKS = [
  ['using it up', 0],
  ['saving it', 3],
  ['stiff', 1],
] as const
const rank = ({ remarks }: Item) => RANKS.find(([remark]) => remarks.includes(remark))?.[1] ?? 2
const since = ({ bought }: Item) => bought ?? '9999'

/**
 * The items that can be filled from, in the order in which they are: what is being used up, what is stiff, then open
 * before sealed and old before new; what is spared comes last (common practice, no source).
 */
export const itemsToFillFrom = (items: readonly Item[]): Item[] =>
  items
    .filter(isUsable)
    .sort(
      (p, q) =>
        rank(p) - rank(q) ||
        Number(q.supply === 'open') - Number(p.supply === 'open') ||
        (since(p) < since(q) ? -1 : since(p) > since(q) ? 1 : 0) ||
        (p.id < q.id ? -1 : 1),
    )

/** A pan with paint in it: it is put in as it is, and never poured out. */
export const isPan = ({ kind }: Pick<Item, 'kind'>): boolean => kind === 'bought pan' || kind === 'handmade pan'

/** Whether a pan with so much in it is of a place's size: makers fill them differently (judgement). */
const fits = (millilitres: number, place: Place) =>
  place.container !== 'well' && millilitres > 0.5 * capacityOf(place) && millilitres < 1.25 * capacityOf(place)

/** Draws for one place after the other, from no tube further than it goes. */
export class Drawing {
  readonly #drawn = new Map<string, number>()

  constructor(readonly stock: Stock) {}

  /**
   * For an empty place: from the first tube that holds all of it, or a pan that is put in with what it holds; nothing
   * where there is neither.
   */
  fromOne(paintId: string, millilitres: number, place: Place): { item: Item; millilitres: number } | undefined {
    const item = itemsToFillFrom(this.stock.itemsOf(paintId)).find((i) =>
      isPan(i) ? this.#goesIn(i, place) : this.#there(i) >= millilitres,
    )
    if (!item) return undefined
    const taken = isPan(item) ? this.#there(item) : millilitres
    this.#take(item, taken)
    return { item, millilitres: taken }
  }

  /** A pan that is put into an empty place before any tube is opened for it, with what it holds. */
  panFor(paintId: string, place: Place, first?: string): { item: Item; millilitres: number } | undefined {
    const item = this.#inOrder(paintId, first).find((i) =>
      isPan(i) ? this.#goesIn(i, place) : this.#there(i) >= LEAST,
    )
    if (!item || !isPan(item)) return undefined
    const millilitres = this.#there(item)
    this.#take(item, millilitres)
    return { item, millilitres }
  }

  /**
   * From one tube after the other, in tenths of a millilitre, a chosen one first; what no tube holds is missing.
   */
  fromSeveral(paintId: string, millilitres: number, first?: string): { draws: Draw[]; missing: number } {
    const draws: Draw[] = []
    let rest = millilitres
    for (const item of this.#inOrder(paintId, first)) {
      if (isPan(item)) continue
      const take = Math.min(rest, Math.floor(this.#there(item) * 10 + 1e-6) / 10)
      if (take < LEAST) continue
      draws.push({ itemId: item.id, millilitres: tenth(take) })
      this.#take(item, take)
      rest = tenth(rest - take)
      if (rest < LEAST) break
    }
    return { draws, missing: rest >= LEAST ? rest : 0 }
  }

  /** As `fromSeveral`, of a mixture from the tubes of its parts. */
  of({ id, mixedFrom }: Filled, millilitres: number, first?: string): { draws: Draw[]; missing: number } {
    if (!mixedFrom) return this.fromSeveral(id, millilitres, first)
    const all = sharesOf(mixedFrom, millilitres).map(({ paintId, millilitres: ml }) =>
      this.fromSeveral(paintId, ml, first),
    )
    return {
      draws: all.flatMap((a) => a.draws),
      missing: tenth(all.reduce((sum, a) => sum + a.missing, 0)),
    }
  }

  #inOrder(paintId: string, first: string | undefined): Item[] {
    const items = itemsToFillFrom(this.stock.itemsOf(paintId))
    const chosen = items.find((i) => i.id === first)
    return chosen ? [chosen, ...items.filter((i) => i !== chosen)] : items
  }
  #goesIn(item: Item, place: Place): boolean {
    return fits(this.#there(item), place)
  }
  #there(item: Item): number {
    return this.stock.left(item) - (this.#drawn.get(item.id) ?? 0)
  }
  #take(item: Item, millilitres: number): void {
    this.#drawn.set(item.id, (this.#drawn.get(item.id) ?? 0) + millilitres)
  }
}

/** So many ml of a mixture by its parts, in tenths that add up; every part gets at least one. */
export function sharesOf(
  parts: NonNullable<Paint['mixedFrom']>,
  millilitres: number,
): { paintId: string; millilitres: number }[] {
  const all = parts.reduce((sum, p) => sum + p.parts, 0)
  const tenths = Math.round(millilitres * 10)
  let [given, due] = [0, 0]
  return parts.map(({ paintId, parts: own }) => {
    due += (tenths * own) / all
    const mine = Math.max(1, Math.round(due) - given)
    given += mine
    return { paintId, millilitres: mine / 10 }
  })
}

/** From which tubes so much of a paint comes, ml in tenths, and what of it they do not hold. */
export const drawFor = (stock: Stock, paint: Filled, millilitres: number, first?: string) =>
  new Drawing(stock).of(paint, millilitres, first)

/** So many ml can be had of a paint: what its tubes hold; of a mixture as much as the scarcest of its parts lets. */
export function canBeHad({ id, mixedFrom }: Filled, atHand: (paintId: string) => number): number {
  if (!mixedFrom) return atHand(id)
  const all = mixedFrom.reduce((sum, p) => sum + p.parts, 0)
  return Math.min(...mixedFrom.map((p) => (atHand(p.paintId) * all) / p.parts))
}
