import type { Swatch } from '../documents/paint'
import type { ReadLine } from './reading/parseLine'

/** A value of a row that was not understood: the field is left open, what stood there goes into the note. */
export interface RowQuestion {
  /** Column of a table, or `pigments` for codes that are unusual for the name. */
  field: string
  /** What stood there. */
  text: string
  /** Why it is questioned. */
  message: string
}

/** A paint and what is owned of it, as a row says. */
export interface PaintRow extends Omit<ReadLine, 'unread' | 'doubts' | 'maybeMaker' | 'spelling'> {
  /** Where a code covers several colours, the one that was said. */
  variants?: Record<string, string>
  masstone?: Swatch
  wash?: Swatch
  boughtFrom?: string
  note?: string
  /** What is noted of the thing owned, beside the paint. */
  itemNote?: string
  /** Where the thing owned lies. */
  place?: string
  marks?: string[]
  questions?: readonly RowQuestion[]
}

/** What of a row describes the paint; the rest is what is owned of it. */
export function paintPartOf(row: PaintRow) {
  const { count, kind, supply, remarks, price, bought, boughtFrom, millilitres, itemNote, questions, ...more } = row
  const { left, place, ...paint } = more
  void [count, kind, supply, remarks, price, bought, boughtFrom, millilitres, itemNote, questions, left, place]
  return paint
}

/** A line as a row; what found no meaning goes into the note of the thing owned, so that nothing is lost. */
export function rowOfLine(read: ReadLine): PaintRow {
  const { unread, doubts, maybeMaker, spelling, ...row } = read
  void [doubts, spelling]
  const left = [...(maybeMaker ? [maybeMaker] : []), ...unread].join('; ')
  return left ? { ...row, itemNote: left } : row
}
