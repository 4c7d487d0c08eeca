import { commonnessOf, REFERENCE_PIGMENTS } from '../../src/pigments'
import type { Paint } from '../../src/documents/paint'

/** A paint of one code and no more, under its trade name. */
export const ofCode = (code: string): Paint => ({ id: code, v: 2, maker: '', name: code, pigments: [code] })

/** Some ninety paints of which only the code is known: what some makers or more have, effects left out. */
export const NINETY: readonly Paint[] = [
  ...new Set(
    REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect' && (commonnessOf(p.code)?.common ?? 0) >= 2).map(
      (p) => p.code,
    ),
  ),
].map(ofCode)
