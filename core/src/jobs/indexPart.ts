import type { TargetChoice } from '../documents/brief'
import { tableOf } from '../reach/choices'
import { indexPaintsIn } from '../reach/indexPaints'
import { indexPart, joinParts, type IndexPart } from '../reach/mixtureIndex'
import { fail } from '../result'
import { job } from './job'

export interface IndexPartRequest {
  choice: TargetChoice
  near: number
  part: { number: number; of: number }
  /** An older index of the same targets, of which what still holds is taken over. */
  previous?: IndexPart[]
}

/** One worker's share of the index of mixtures of the whole collection. */
export const indexPartJob = job<IndexPartRequest, { done: number; of: number }, IndexPart>({
  lane: 'long',
  run({ choice, previous, ...question }, reading) {
    const table = tableOf(choice)
    if (!table) return unknown()
    const { paints } = indexPaintsIn(reading)
    return indexPart({ ...question, table, paints, ...(previous ? { previous: joinParts(previous) } : {}) })
  },
})

// eslint-disable-next-line require-yield
function* unknown(): ReturnType<typeof indexPart> {
  return fail('no-targets', 'This version does not know these targets.')
}
