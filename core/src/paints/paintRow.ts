import type { Paint, Swatch } from '../documents/paint'
import type { ReadLine } from './parseLine'

/** A paint and what is owned of it, as a row says. */
export interface PaintRow extends Omit<ReadLine, 'unread'> {
  masstone?: Swatch
  wash?: Swatch
  transparency?: Paint['transparency']
  staining?: Paint['staining']
  granulation?: Paint['granulation']
  lightfastness?: Paint['lightfastness']
  bought?: string
  note?: string
}

/** What of a row describes the paint; the rest is what is owned of it. */
export function paintPartOf(row: PaintRow) {
  const { count, kind, supply, remarks, price, bought, millilitres, ...paint } = row
  void [count, kind, supply, remarks, price, bought, millilitres]
  return paint
}
