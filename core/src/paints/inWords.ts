import type { Paint } from '../documents/paint'

/** The codes on the label, `PG7 PY150`; a paint without any says so. */
export const codesInWords = (paint: Pick<Paint, 'pigments'>): string => paint.pigments.join(' ') || 'no code'

/** A paint as a row of a list is read aloud: `Sap green, Northwall, PG7 PY150`. */
export const paintInWords = (paint: Pick<Paint, 'name' | 'maker' | 'pigments'>): string =>
  `${paint.name}, ${paint.maker}, ${codesInWords(paint)}`
