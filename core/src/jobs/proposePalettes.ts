import { mapsOfSets } from '../choosing/proposalMaps'
import { type PaletteProposal, proposePalettes } from '../choosing/proposals'
import { derived } from '../collection/caches'
import { itemsByPaint } from '../collection/lists'
import { same } from '../documents/diff'
import { NEAR_ENOUGH } from '../reach/choices'
import { indexPaintsIn } from '../reach/indexPaints'
import { ok, type Result } from '../result'
import { retold } from '../steps'
import { chooseQuestionIn } from './chooseQuestion'
import { drawnShares } from './drawn'
import { job } from './job'

export interface Proposed {
  proposals: PaletteProposal[]
  /** What each of them reaches, as a verdict's map has it; none where that cannot be worked out. */
  maps?: number[][]
  /** Something was painted already, so that the third holds what is used; otherwise what is usual. */
  isUsed: boolean
}

/** Of what was drawn how much, by the paint's id; paints of which nothing was are left out. */
const usedIn = derived(
  (reading): Record<string, number> =>
    Object.fromEntries([...drawnShares(reading, itemsByPaint(reading).keys())].filter(([, share]) => share > 0)),
  same,
)

/** Three whole palettes for what a palette is for. Needs the indexes that its verdict needs. */
export const proposePalettesJob = job<{ paletteId: string }, { done: number; of: number }, Proposed>({
  lane: 'live',
  *run({ paletteId }, reading): Generator<{ done: number; of: number }, Result<Proposed>> {
    const question = chooseQuestionIn(reading, paletteId)
    if (!question.ok) return question
    const used = usedIn(reading)
    const found = yield* proposePalettes({
      ...question.value,
      used: (id) => (Object.hasOwn(used, id) ? used[id]! : 0),
    })
    if (!found.ok) return found
    const { brief, most = 3 } = question.value
    const proposals = found.value
    const drawing = mapsOfSets(
      proposals.map((p) => p.paintIds),
      { paints: indexPaintsIn(reading).paints, near: brief?.near ?? NEAR_ENOUGH, most },
    )
    const maps = yield* retold(drawing, (share) => ({ done: share, of: 1 }))
    return ok({ proposals, isUsed: Object.keys(used).length > 0, ...(maps ? { maps } : {}) })
  },
})
