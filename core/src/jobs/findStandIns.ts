import { trialsIn } from '../collection/lists'
import type { Wanted } from '../documents/trial'
import type { Result } from '../result'
import { searchStandIns, type StandInProgress } from '../standins/findStandIns'
import type { Matters } from '../standins/matters'
import type { Must } from '../standins/musts'
import { soughtOf } from '../standins/sought'
import type { StandIn } from '../standins/standIn'
import { job } from './job'
import { standInContextOf } from './standInContext'

export interface FindStandInsRequest {
  wanted: Wanted
  /** The palette into which it goes. */
  paletteId?: string
  matters?: Matters
  /** What a stand-in must not lose. */
  musts?: readonly Must[]
}

/** What could take the place of a paint, ranked, the first answers at once. */
export const findStandInsJob = job<FindStandInsRequest, StandInProgress, StandIn[]>({
  lane: 'live',
  *run({ wanted, paletteId, matters, musts }, reading): Generator<StandInProgress, Result<StandIn[]>> {
    const palette = reading.get('palettes', paletteId)
    const sought = soughtOf(wanted, (id) => reading.get('paints', id))
    if (!sought.ok) return sought
    const context = standInContextOf(reading, palette)
    const own = sought.value.paint?.id
    return yield* searchStandIns({
      sought: sought.value,
      context: { ...context, palette: context.palette.filter((p) => p.id !== own) },
      trials: trialsIn(reading),
      ...(matters ? { matters } : {}),
      ...(musts ? { musts } : {}),
      ...(palette?.brief?.most ? { most: palette.brief.most } : {}),
    })
  },
  news: ({ soFar }) => soFar,
})
