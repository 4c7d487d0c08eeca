import type { Trial } from '../documents/trial'
import type { Spread } from '../mixing/mixtureError'
import type { Unlike } from '../mixing/unlike'
import type { Must } from './musts'

/** What kind of thing stands in, in the order in which a painter looks for it. */
export const STAND_IN_KINDS = [
  'another item',
  'same pigments',
  'other pigments',
  'mixture of the palette',
  'mixture of the owned',
  'to buy',
] as const
export type StandInKind = (typeof STAND_IN_KINDS)[number]

export interface MixtureParts {
  paints: { id: string; parts: number }[]
  /** Parts of water to one of mixture at which its wash matches. */
  water: number
}

/** A mixture is known by its paints, whatever their parts. */
export const keyOfMixture = (ids: readonly string[]): string => `mix ${[...ids].sort().join('+')}`

/** Something that takes the place of a paint, with what it costs and does not do. */
export interface StandIn {
  /** Tells it apart from the others of a list. */
  key: string
  kind: StandInKind
  /** The owned paint that stands in; the items of it that can be used. */
  paintId?: string
  items?: string[]
  mixture?: MixtureParts
  /** A pigment of the reference that would have to be bought. */
  pigment?: string
  /** CIEDE2000 by itself; `difference` is the root mean square of what is known. */
  alone: { masstone?: number; wash?: number; difference: number }
  /** CIEDE2000 of the same mixtures with the palette's paints: mean of the worst of each, and the worst of all. */
  inMixtures?: { mean: number; worst: number; worstWith: string }
  unlike: Unlike[]
  /** Places that it takes beyond those of paints that are on the palette already. */
  places: number
  /** Price of a millilitre. */
  price?: { minor: number; currency: string }
  /** What could go wrong, in words. */
  risks: string[]
  /** What it does not keep of what a stand-in may have to keep. */
  loses: Must[]
  /** How far the prediction may be off. */
  expected?: Spread
  /** It fades, or a part of it does: never the first answer. */
  fades?: boolean
  /** What the trade usually takes in place of this pigment; what is lost by it, in words. */
  usual?: string
  /** Mixed from the very pigments of a mixture in the tube. */
  isSame?: boolean
  /** How it did on paper, where it was tried. */
  trial?: Trial
  /** What the list is ordered by: the smaller the better. */
  score: number
}

/** Paints that are mixed, 1 for a paint from the tube. */
export const effortOf = ({ mixture }: Pick<StandIn, 'mixture'>): number => mixture?.paints.length ?? 1
