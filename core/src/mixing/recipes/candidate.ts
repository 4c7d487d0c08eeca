import type { ratiosNear } from './grids'

/** A mixture worth a closer look. */
export interface Candidate {
  /** Places of its paints in the list. */
  members: readonly number[]
  ratio: readonly number[]
  /** Which of the four loads fits best. */
  step: number
  squared: number
  /** Ratios that did best at other loads; the true best may lie near any of them. */
  others?: readonly (readonly number[])[]
}

/** The ratios of a grid near any of those that did well. */
export function nearAny(near: ReturnType<typeof ratiosNear>, { ratio, others = [] }: Candidate) {
  return [...new Set([ratio, ...others].flatMap((r) => near(r)))]
}

export const bySquare = (p: Candidate, q: Candidate) => p.squared - q.squared
