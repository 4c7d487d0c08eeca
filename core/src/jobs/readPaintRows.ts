import { readPaintRows, type PaintRows, type RowsProgress, type RowsQuestion } from '../formats/paintRows'
import { job } from './job'

/** What the rows of a table become under a matching of its columns. */
export const readPaintRowsJob = job<RowsQuestion, RowsProgress, PaintRows>({
  lane: 'live',
  run: (question) => readPaintRows(question),
})
