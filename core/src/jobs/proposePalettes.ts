import { type PaletteProposal, proposePalettes } from '../choosing/proposals'
import { derived } from '../collection/caches'
import { itemsByPaint } from '../collection/lists'
import { same } from '../documents/diff'
import { ok, type Result } from '../result'
import { chooseQuestionIn } from './chooseQuestion'
import { drawnShares } from './drawn'
import { job } from './job'

export interface Proposed {
  proposals: PaletteProposal[]
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
    return found.ok ? ok({ proposals: found.value, isUsed: Object.keys(used).length > 0 }) : found
  },
})
