import type { AssessQuestion } from '../choosing/verdict/assess'
import type { Reading } from '../collection/reading'
import { paintsJudged } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { supplyIn, usableItemsIn } from '../filling/atHand'
import { strengthsIn } from '../mixing/strengths'
import { heldIndexIn } from '../reach/heldIndexes'
import { indexPaintsIn } from '../reach/indexPaints'

/** What the verdict of a palette is worked out from, out of the collection as it is. */
export function assessQuestionOf(reading: Reading, palette: Palette): AssessQuestion {
  const usable = usableItemsIn(reading)
  return {
    palette,
    paints: paintsJudged(reading),
    strengths: strengthsIn(reading),
    indexed: () => indexPaintsIn(reading),
    held: (key) => heldIndexIn(reading, key),
    isAtHand: (id) => usable(id) > 0,
    supplyOf: supplyIn(reading),
  }
}
