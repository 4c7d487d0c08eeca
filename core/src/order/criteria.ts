import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { compareText, viewOfPaint } from '../paints/view'
import { cautionsOfCodes } from '../pigments/cautions'
import type { Criterion } from './inOrder'
import { isColourKnown, lastingOf, usualOf, type Lasting } from './standing'

/** What counts of a paint whatever it is ranked for; `of` finds the paint in what is ranked. */
type PaintOf<T> = (item: T) => Paint

/** @param upTo from this level on paints last alike: at 2 what some rate lower is marked and not barred, at 1 only what fades is. */
export const lasts = <T>(of: PaintOf<T>, upTo: Lasting['level'] = 2): Criterion<T> => ({
  says: 'it lasts',
  of: (item) => Math.min(upTo, lastingOf(of(item)).level),
})
export const isMoreUsual = <T>(of: PaintOf<T>): Criterion<T> => ({
  says: 'it is more usual',
  of: (item) => usualOf(of(item)),
})
/** Where a code covers colours that lie far apart, nobody knows which this one is. */
export const hasKnownColour = <T>(of: PaintOf<T>): Criterion<T> => ({
  says: 'its colour is known',
  of: (item) => Number(isColourKnown(viewOfPaint(of(item)))),
})
export const needsNoCaution = <T>(of: PaintOf<T>): Criterion<T> => ({
  says: 'it needs no caution',
  of: (item) => Number(cautionsOfCodes(of(item).pigments, referenceOf(of(item))).isMild),
})

/** The order of last resort: by name, and what has the same name by its id. */
export const byPaintName =
  <T>(of: PaintOf<T>) =>
  (one: T, other: T): number =>
    compareText(of(one).name, of(other).name) || compareText(of(one).id, of(other).id)
