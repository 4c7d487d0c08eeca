import { freePlaces } from '../arranging/moves'
import type { ChooseQuestion } from '../choosing/best/choosePalette'
import { tablesHeld } from '../choosing/best/tablesHeld'
import { paintsJudged } from '../collection/lists'
import type { Reading } from '../collection/reading'
import { plannedPaints } from '../documents/plan'
import { usableItemsIn } from '../filling/atHand'
import { heldIndexIn } from '../reach/heldIndexes'
import { indexPaintsIn } from '../reach/indexPaints'
import { fail, ok, type Result } from '../result'

/**
 * What is asked of whoever fills the free places of a palette; needs the indexes that its verdict needs.
 *
 * Errors: `no-palette`, `no-index` (not worked out yet).
 */
export function chooseQuestionIn(reading: Reading, paletteId: string): Result<ChooseQuestion> {
  const palette = reading.get('palettes', paletteId)
  if (!palette) return fail('no-palette', 'That palette is gone.')
  const { brief } = palette
  const tables = tablesHeld(brief, indexPaintsIn(reading).paints, (key) => heldIndexIn(reading, key))
  if (!tables) return fail('no-index', 'What the collection mixes is still being worked out.')
  const usable = usableItemsIn(reading)
  return ok({
    paints: paintsJudged(reading),
    planned: [...plannedPaints(palette)],
    free: freePlaces(palette).length,
    tables,
    itemsOf: usable,
    isAtHand: (id) => usable(id) > 0,
    ...(brief ? { brief } : {}),
    ...(brief?.most ? { most: brief.most } : {}),
  })
}
