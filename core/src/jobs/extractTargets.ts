import { extractTargets, type ExtractQuestion } from '../reach/extractTargets'
import type { TargetTable } from '../reach/targetTable'
import { job } from './job'

/** The colours of photographs, grouped. */
export const extractTargetsJob = job<ExtractQuestion, { done: number; of: number }, TargetTable>({
  lane: 'long',
  run: (question) => extractTargets(question),
})
