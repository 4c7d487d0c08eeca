import { choosePalette, type Chosen, type ChooseProgress } from '../choosing/best/choosePalette'
import type { Result } from '../result'
import { chooseQuestionIn } from './chooseQuestion'
import { job } from './job'

/** Fills the free places of a palette best; what is planned stays. Needs the indexes that its verdict needs. */
export const choosePaletteJob = job<{ paletteId: string }, ChooseProgress, Chosen>({
  lane: 'live',
  *run({ paletteId }, reading): Generator<ChooseProgress, Result<Chosen>> {
    const question = chooseQuestionIn(reading, paletteId)
    return question.ok ? yield* choosePalette(question.value) : question
  },
  news: ({ soFar }) => soFar,
})
