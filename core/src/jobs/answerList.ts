import { answerList, type ListedAnswer } from '../choosing/methods/fromList'
import { paintsIn } from '../collection/lists'
import { makersOf } from '../paints/collect'
import { parseLines, type SkippedLine } from '../paints/reading/parseLines'
import { NEAR_ENOUGH } from '../reach/choices'
import { indexPaintsIn } from '../reach/indexPaints'
import { fail, ok, type Result } from '../result'
import { retold } from '../steps'
import { job } from './job'

export interface AnswerListRequest {
  text: string
  near?: number
}
export interface AnswerListProgress {
  done: number
  of: number
  soFar?: ListedAnswer[]
}
export interface AnsweredList {
  answers: ListedAnswer[]
  skipped: SkippedLine[]
}

/** A list of this many paints is somebody's shop, not a palette. */
const MOST_LISTED = 400

/** Somebody's list against what is owned, line by line. */
export const answerListJob = job<AnswerListRequest, AnswerListProgress, AnsweredList>({
  lane: 'long',
  *run({ text, near = NEAR_ENOUGH }, reading): Generator<AnswerListProgress, Result<AnsweredList>> {
    const owned = paintsIn(reading)
    const parsing = parseLines(text, makersOf(owned))
    const { paints: lines, skipped } = yield* retold(parsing, () => ({ done: 0, of: 1 }))
    if (lines.length === 0) return fail('no-paints', 'No line of the list names a paint.')
    if (lines.length > MOST_LISTED) return fail('too-long', `A list may name at most ${MOST_LISTED} paints.`)
    const going = answerList({ lines, owned, films: indexPaintsIn(reading).paints, near })
    const soFar: ListedAnswer[] = []
    const answers = yield* retold(going, (answer) => {
      soFar.push(answer)
      return { done: soFar.length, of: lines.length, soFar: [...soFar] }
    })
    return ok({ answers, skipped })
  },
  news: ({ soFar }) => soFar,
})
