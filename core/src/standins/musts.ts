import { caution, type DrawbackKind, fading, inThePan } from '../choosing/drawbacks'
import type { Paint } from '../documents/paint'
import { isMade } from '../order'
import { againstChild } from '../paints/forChild'

/** What a stand-in must not lose, whatever else it does: it follows from why a paint is replaced, or is said. */
export const MUSTS = ['last', 'caution', 'children', 'made', 'rewet', 'vegan', 'price'] as const
export type Must = (typeof MUSTS)[number]

/** What speaks against a paint where it must not; nothing known is nothing against it, but for what may harm. */
const LOSES: Record<Exclude<Must, 'price'>, (paint: Paint) => boolean> = {
  last: (paint) => fading(paint) !== undefined,
  caution: (paint) => caution(paint) !== undefined,
  children: (paint) => againstChild(paint) !== undefined,
  made: (paint) => paint.discontinued === true || !isMade(paint),
  rewet: (paint) => inThePan(paint) !== undefined,
  vegan: (paint) => paint.vegan === false,
}

type Money = { minor: number; currency: string }

/** Which of the musts a paint, or any part of a mixture, does not keep. What has no price, or another currency, is not called dearer. */
export function losesOf(parts: readonly Paint[], price: Money | undefined, own: Money | undefined): Must[] {
  const isDearer = price && own && price.currency === own.currency && price.minor > own.minor
  return MUSTS.filter((must) => (must === 'price' ? isDearer : parts.some(LOSES[must])))
}

/** What must not be lost again, by what speaks against the paint that is replaced. */
const MUST_OF: Partial<Record<DrawbackKind, Must>> = {
  fades: 'last',
  caution: 'caution',
  discontinued: 'made',
  'in the pan': 'rewet',
  dear: 'price',
  'not vegan': 'vegan',
}
export const mustsOf = (drawbacks: readonly { kind: DrawbackKind }[]): Must[] =>
  MUSTS.filter((must) => drawbacks.some(({ kind }) => MUST_OF[kind] === must))

/** Whether a paint may go into what stands in at all; what it costs is said of the whole. */
export const isTakable = (paint: Paint, musts: readonly Must[]): boolean =>
  !musts.some((must) => must !== 'price' && LOSES[must](paint))

/** Whether what stands in keeps all that it must. */
export const keeps = ({ loses }: { loses: readonly Must[] }, musts: readonly Must[]): boolean =>
  !musts.some((must) => loses.includes(must))
