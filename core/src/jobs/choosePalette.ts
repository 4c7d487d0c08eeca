import { freePlaces } from '../arranging/moves'
import { choosePalette, type Chosen, type ChooseProgress } from '../choosing/best/choosePalette'
import { tablesHeld } from '../choosing/best/tablesHeld'
import { paintsJudged } from '../collection/lists'
import { plannedPaints } from '../documents/plan'
import { usableItemsIn } from '../filling/atHand'
import { heldIndexIn } from '../reach/heldIndexes'
import { indexPaintsIn } from '../reach/indexPaints'
import { fail, type Result } from '../result'
import { job } from './job'

/** Fills the free places of a palette best; what is planned stays. Needs the indexes that its verdict needs. */
export const choosePaletteJob = job<{ paletteId: string }, ChooseProgress, Chosen>({
  lane: 'live',
  *run({ paletteId }, reading): Generator<ChooseProgress, Result<Chosen>> {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return fail('no-palette', 'That palette is gone.')
    const { brief } = palette
    const tables = tablesHeld(brief, indexPaintsIn(reading).paints, (key) => heldIndexIn(reading, key))
    if (!tables) return fail('no-index', 'What the collection mixes is still being worked out.')
    const usable = usableItemsIn(reading)
    return yield* choosePalette({
      paints: paintsJudged(reading),
      planned: [...plannedPaints(palette)],
      free: freePlaces(palette).length,
      tables,
      itemsOf: usable,
      isAtHand: (id) => usable(id) > 0,
      ...(brief ? { brief } : {}),
      ...(brief?.most ? { most: brief.most } : {}),
    })
  },
  news: ({ soFar }) => soFar,
})
