import { isPredicted, REFERENCE_PIGMENTS } from '../pigments/reference'

/** The lightness of a colour, L* 0..100; whatever else it holds is kept. */
interface Valued {
  L: number
}

/** Darker by less than this nobody sees beside a sheet, L* (judgement). */
const NOTICED = 2
const WHITE = 100

let deepest: number | undefined
/** The deepest that one paint gives at masstone, L*, of all pigments of the reference (from memory, as they are). */
export const deepestOfPaint = (): number =>
  (deepest ??= Math.min(...REFERENCE_PIGMENTS.filter(isPredicted).map(({ masstone }) => masstone.L)))

/** Colours that are deeper than any paint: a photograph's black is. */
export const deeperThanPaint = <T extends Valued>(colours: readonly T[]): T[] =>
  colours.filter(({ L }) => L < deepestOfPaint() - NOTICED)

/**
 * Values of a photograph drawn together to what paint can do, as a painter keys them by eye: its darkest becomes the deepest
 * paint, white stays white, everything between keeps its place; hue and chroma stay. Where nothing is deeper than paint,
 * nothing changes.
 */
export function fitValues<T extends Valued>(colours: readonly T[]): T[] {
  const darkest = Math.min(...colours.map(({ L }) => L))
  const floor = deepestOfPaint()
  if (!(darkest < floor)) return [...colours]
  const scale = (WHITE - floor) / (WHITE - darkest)
  return colours.map((colour) => ({ ...colour, L: WHITE - (WHITE - colour.L) * scale }))
}
