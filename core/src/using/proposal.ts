import type { Spare } from '../choosing/verdict/assessment'
import type { GapKind } from '../choosing/verdict/gapKind'
import type { ReachFigures } from '../reach/paletteReach'

/** A change of a palette that its use speaks for, with the evidence and what it would gain and lose. */
export interface Proposal {
  /** Tells it apart, so that an answer to it holds: `out ID in ID`. */
  key: string
  out?: {
    paintId: string
    placeId: string
    /** In how many of how many paintings it was used. */
    times: number
    of: number
    /** What the others mix of it, where they do. */
    mixed?: Spare
  }
  in?: {
    paintId: string
    placeId: string
    why: ProposedBecause[]
  }
  /** What is reached before and after, shares of the targets' weight, by one, two and three paints; where that is known. */
  reach?: { before: ReachFigures; after: ReachFigures }
  /** Gaps of the verdict that close, and that open. */
  closes: GapKind[]
  opens: GapKind[]
  /** Pairs of near twins, before and after. */
  twins: [number, number]
}

export type ProposedBecause =
  | { kind: 'wished'; times: number }
  | { kind: 'elsewhere'; times: number; palettes: number }
  | { kind: 'closes'; gap: GapKind }
  | { kind: 'brings'; reach: number }

export const keyOfProposal = (out?: string, incoming?: string): string =>
  [out ? `out ${out}` : '', incoming ? `in ${incoming}` : ''].filter(Boolean).join(' ')
