import { isUsable, type Item } from '../documents/item'

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

/** Draws for one place after the other, from no tube further than it goes. */
export class Drawing {
  readonly #drawn = new Map<string, number>()

  constructor(readonly stock: Stock) {}

  /** From the first tube that holds all of it; nothing where none does. */
  fromOne(paintId: string, millilitres: number): Item | undefined {
    const item = itemsToFillFrom(this.stock.itemsOf(paintId)).find((i) => this.#there(i) >= millilitres)
    if (item) this.#take(item, millilitres)
    return item
  }

  /** From one tube after the other, in tenths of a millilitre; what no tube holds is missing. */
  fromSeveral(paintId: string, millilitres: number): { draws: Draw[]; missing: number } {
    const draws: Draw[] = []
    let rest = millilitres
    for (const item of itemsToFillFrom(this.stock.itemsOf(paintId))) {
      const take = Math.min(rest, Math.floor(this.#there(item) * 10 + 1e-6) / 10)
      if (take < LEAST) continue
      draws.push({ itemId: item.id, millilitres: tenth(take) })
      this.#take(item, take)
      rest = tenth(rest - take)
      if (rest < LEAST) break
    }
    return { draws, missing: rest >= LEAST ? rest : 0 }
  }

  #there(item: Item): number {
    return this.stock.left(item) - (this.#drawn.get(item.id) ?? 0)
  }
  #take(item: Item, millilitres: number): void {
    this.#drawn.set(item.id, (this.#drawn.get(item.id) ?? 0) + millilitres)
  }
}

/** From which tubes so much of a paint comes, ml in tenths, and what of it they do not hold. */
export const drawFor = (stock: Stock, paintId: string, millilitres: number) =>
  new Drawing(stock).fromSeveral(paintId, millilitres)
