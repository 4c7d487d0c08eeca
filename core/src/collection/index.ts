/** All documents in memory, and what changes them. What is shared of it, by name. */
export { checkDelta } from './checkDelta'
export { checkWrite } from './checkWrite'
export { Collection } from './collection'
export { type Contents, isKind, loadOfAnyKind, noContents, type Unreadable, wordOf } from './contents'
export {
  blendsIn,
  budgetIn,
  guidesIn,
  holdersIn,
  itemsByPaint,
  itemsIn,
  leftoversIn,
  needAnswersIn,
  paintsIn,
  palettesIn,
  pansIn,
  picturesIn,
  purchasesIn,
  recipesIn,
  rankingsIn,
  shopsIn,
  trialsIn,
  versionsIn,
} from './lists'
export { Settling } from './settle'
export { type Patch, patchesOf, takeBack } from './undo'
export type { Applied, Delta, DocumentNow, WriteSet } from './writeSet'
export { cameIn, replacedInWords, wouldReplace } from './replacing'
