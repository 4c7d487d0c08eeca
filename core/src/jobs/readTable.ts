import { readSheets, type Sheet } from '../formats/readWorkbook'
import { atOnce, job } from './job'

/** Takes a text apart into tables. */
export const readTableJob = job<{ text: string }, never, Sheet[]>({
  lane: 'long',
  run: atOnce(({ text }) => readSheets(text)),
})
