import { readTable, type Table } from '../formats/readTable'
import { atOnce, job } from './job'

/** Takes a text apart into rows and columns. */
export const readTableJob = job<{ text: string }, never, Table>({
  lane: 'long',
  run: atOnce(({ text }) => readTable(text)),
})
