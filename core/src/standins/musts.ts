import type { DrawbackKind } from '../choosing/drawbacks'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { isMade } from '../order'
import { againstChild } from '../paints/forChild'
import { lightfastnessAtBest, propertiesOf } from '../paints/properties'
import { cautionsOfCodes } from '../pigments/cautions'
import { levelOn, LIGHTFASTNESSES } from '../pigments/scales'

/** What a stand-in must not lose, whatever else it does: it follows from why a paint is replaced, or is said. */
export const MUSTS = ['last', 'caution', 'children', 'made', 'rewet', 'vegan', 'price'] as const
export type Must = (typeof MUSTS)[number]

/** From this step of the scale on a paint fades. */
const FADES = 3

/** Whether it fades, by what is recorded or by the pigment at its best. */
export const fadesInLight = (paint: Paint): boolean =>
  levelOn(LIGHTFASTNESSES, propertiesOf(paint).lightfastness?.value ?? lightfastnessAtBest(paint)) >= FADES
/** Whether it hardens in a pan. */
export const hardensInPan = (paint: Paint): boolean =>
  referenceOf(paint).some((r) => r.inPan?.startsWith('rewets slowly'))

/** What speaks against a paint where it must not; nothing known is nothing against it, but for what may harm. */
const LOSES: Record<Exclude<Must, 'price'>, (paint: Paint) => boolean> = {
  last: fadesInLight,
  caution: (paint) => !cautionsOfCodes(paint.pigments, referenceOf(paint)).isMild,
  children: (paint) => againstChild(paint) !== undefined,
  made: (paint) => paint.discontinued === true || !isMade(paint),
  rewet: hardensInPan,
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

/** Whether what stands in keeps all that it must. */
export const keeps = ({ loses }: { loses: readonly Must[] }, musts: readonly Must[]): boolean =>
  !musts.some((must) => loses.includes(must))
