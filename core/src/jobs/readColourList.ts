import { readColourList, type ColourList } from '../formats/readColourList'
import { atOnce, job } from './job'

/** A list of colours out of a file or a paste. */
export const readColourListJob = job<{ text: string }, never, ColourList>({
  lane: 'live',
  run: atOnce(({ text }) => readColourList(text)),
})
