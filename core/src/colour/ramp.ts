import { labD65, type LabD65 } from '../units'
import type { Swatches } from './family'

/** Paper white for previews: a bright white watercolour paper (judgement). */
export const PAPER_WHITE: LabD65 = labD65(97, 0, 1.5)

/**
 * Colours from masstone to wash to nearly bare paper, for long lists only: straight lines in CIELAB
 * between what is recorded, where fitting every film would take too long.
 *
 * @param steps number of colours, 2 upward.
 */
export function washRamp({ masstone, wash }: Swatches, steps = 7): LabD65[] {
  const start = masstone ?? wash
  if (!start) return []
  const middle = wash ?? between(start, PAPER_WHITE, 0.6)
  const end = between(middle, PAPER_WHITE, 0.35)
  return Array.from({ length: steps }, (_, i) => {
    const t = i / (steps - 1)
    return t < 0.65 ? between(start, middle, t / 0.65) : between(middle, end, (t - 0.65) / 0.35)
  })
}

const between = (p: LabD65, q: LabD65, t: number) =>
  labD65(p.L + (q.L - p.L) * t, p.a + (q.a - p.a) * t, p.b + (q.b - p.b) * t)
