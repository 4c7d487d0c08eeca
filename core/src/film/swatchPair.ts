import type { OpticalSwatch } from './swatch'

/** Readings may err by this much in L* before a pair is refused. */
const SLACK = 3
/** Whites and near-whites may well be lighter than the paper shows through a wash. */
const NEARLY_WHITE = 90

/**
 * Why a masstone and a wash cannot belong to one paint, in words, or undefined: diluting never
 * darkens a paint on white paper.
 */
export function problemOfSwatchPair(
  masstone: Pick<OpticalSwatch, 'L'> | undefined,
  wash: Pick<OpticalSwatch, 'L'> | undefined,
): string | undefined {
  if (!masstone || !wash || masstone.L <= wash.L + SLACK || masstone.L >= NEARLY_WHITE) return undefined
  return `The masstone (L* ${masstone.L.toFixed(0)}) is lighter than the wash (L* ${wash.L.toFixed(0)}). Are the two exchanged?`
}
