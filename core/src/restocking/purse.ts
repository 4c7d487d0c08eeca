import { deliveryOf, type ShopTerms, type SoldOffer } from './problem'

/** What is bought so far in a period, and what that leaves. */
export class Purse {
  readonly #goods = new Map<string, number>()
  #spent = 0

  constructor(
    readonly shops: readonly ShopTerms[],
    /** What may be spent in the period, with what is allowed over. */
    readonly most: number,
  ) {}
  get spent(): number {
    return this.#spent
  }
  /** What an offer adds to the period's sum, its delivery counted. */
  costOf({ shop, minor }: SoldOffer): number {
    const terms = this.shops.find((s) => s.id === shop)
    const goods = this.#goods.get(shop) ?? 0
    return terms ? minor + deliveryOf(terms, goods + minor) - deliveryOf(terms, goods) : minor
  }
  fits(offer: SoldOffer): boolean {
    return this.#spent + this.costOf(offer) <= this.most
  }
  buy(offer: SoldOffer): void {
    this.#spent += this.costOf(offer)
    this.#goods.set(offer.shop, (this.#goods.get(offer.shop) ?? 0) + offer.minor)
  }
}
