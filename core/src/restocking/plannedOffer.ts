import type { Offer } from '../documents/offer'
import type { Shop } from '../documents/shop'
import type { Match } from './offers'

/** An offer of a shop as a plan names it. */
export interface PlannedOffer {
  shop: Shop
  offer: Offer
  /** Which needs it serves, and how. */
  serves: { key: string; match: Match }[]
}
