import type { AssessQuestion } from '../choosing/verdict/assess'
import type { Collection } from '../collection/collection'
import { paintsIn } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { usableItemsIn } from '../filling/atHand'
import { strengthsIn } from '../mixing/strengths'
import { indexPaintsIn } from '../reach/indexPaints'

/** What the verdict of a palette is worked out from, out of the collection as it is. */
export function assessQuestionOf(collection: Collection, palette: Palette): AssessQuestion {
  const usable = usableItemsIn(collection)
  return {
    palette,
    paints: paintsIn(collection),
    strengths: strengthsIn(collection),
    indexed: () => indexPaintsIn(collection),
    isAtHand: (id) => usable(id) > 0,
  }
}
