import { readPastedList, type ListPaints, type ListQuestion } from '../formats/pastedList'
import { job } from './job'

/** Takes a pasted list of paints apart. */
export const readListJob = job<ListQuestion, { done: number; of: number }, ListPaints>({
  lane: 'live',
  run: (question) => readPastedList(question),
})
