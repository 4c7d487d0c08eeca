import type { Paint } from '../documents/paint'
import { isMade } from '../order'
import { isPredicted, REFERENCE_PIGMENTS, type ReferencePigment } from '../pigments/reference'
import { paintOfPigment } from './sought'

/** A pigment of the reference, and a paint of it alone as if it were sold. */
export interface Sold {
  pigment: ReferencePigment
  paint: Paint
}

/** Everything of the reference that is still made and can be predicted: what is named where something has to be bought. */
export const SOLD: readonly Sold[] = REFERENCE_PIGMENTS.filter(
  (p) => p.code && isPredicted(p) && isMade({ pigments: [p.code] }),
).map((pigment) => ({ pigment, paint: paintOfPigment(pigment) }))
