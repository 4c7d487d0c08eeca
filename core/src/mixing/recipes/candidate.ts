/** A mixture worth a closer look. */
export interface Candidate {
  /** Places of its paints in the list. */
  members: readonly number[]
  /** Parts; of a mixture that was found by its shares, these. */
  ratio: readonly number[]
  /** The load that fits best, as its octave: 0 masstone, 1 half of it, 5 a thirty-second part. */
  octave: number
  squared: number
  /** Shares that did best near masstone, in washes, in thin ones; the true best may lie near any of them. */
  others?: readonly (readonly number[])[]
}

export const bySquare = (p: Candidate, q: Candidate) => p.squared - q.squared
