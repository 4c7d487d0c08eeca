/** One order of what counts, wherever paints are ranked: it answers, it lasts, it is there, it handles, it brings, it is usual. */
export { byPaintName, hasKnownColour, isMoreUsual, lasts, needsNoCaution } from './criteria'
export { type Criterion, inOrder, type Placed } from './inOrder'
export { isDark, isMade, type Lasting, lastingOf, type Supply, supplyOf, usualOf } from './standing'
