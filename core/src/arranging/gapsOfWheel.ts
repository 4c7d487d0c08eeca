import { hueStep } from '../colour/lch'
import type { PaintView } from '../paints/view'
import { hueOf } from './arrangeWishes'

/** A stretch of the colour wheel without a paint. */
export interface Gap {
  /** Its middle, degrees. */
  hue: number
  /** How wide it is, degrees. */
  width: number
  /** The paints on either side. */
  between: [string, string]
}
/** Narrower than this nothing is missing (judgement). */
const WIDE = 45
const MOST = 3

/** The widest gaps in the ring of hues of some paints, the widest first. At least three coloured paints make a ring. */
export function gapsOfWheel(views: readonly PaintView[]): Gap[] {
  const ring = views
    .flatMap((v) => {
      const hue = hueOf(v)
      return hue === undefined ? [] : [{ hue, id: v.paint.id }]
    })
    .sort((p, q) => p.hue - q.hue)
  if (ring.length < 3) return []
  return ring
    .map(({ hue, id }, i): Gap => {
      const next = ring[(i + 1) % ring.length]!
      const width = (next.hue - hue + 360) % 360
      return { hue: (hue + width / 2) % 360, width, between: [id, next.id] }
    })
    .filter((g) => g.width >= WIDE)
    .sort((p, q) => q.width - p.width)
    .slice(0, MOST)
}

/** How nearly two hues face each other on the wheel, 0 (60 degrees off or more) to 1. */
export const oppositeness = (one: number, other: number): number =>
  Math.max(0, (Math.abs(hueStep(one, other)) - 120) / 60)
