/** All documents in memory, and what changes them. What is shared of it, by name. */
export { checkDelta } from './checkDelta'
export { checkWrite } from './checkWrite'
export { type Compared, compareCopy, type Difference } from './compare'
export { Collection } from './collection'
export { type Contents, isKind, loadOfAnyKind, noContents, type Unreadable, wordOf } from './contents'
export {
  budgetIn,
  inventoryOf,
  itemsByPaint,
  itemsIn,
  LISTS,
  needAnswersIn,
  paintsIn,
  palettesIn,
  purchasesIn,
  recipesIn,
  settingsIn,
  wishedIn,
  shopsIn,
  trialsIn,
} from './lists'
export { digest } from './digest'
export { freezing } from './freezing'
export { type Key, keyOfDocument, keysOf } from './keys'
export { prepare } from './prepare'
export { Reading, readingOf } from './reading'
export { Settling } from './settle'
export { isApart } from './slim'
export { type Patch, patchesOf, takeBack } from './undo'
export type { Applied, Delta, DocumentNow, WriteSet } from './writeSet'
export { cameIn, replacedInWords, wouldReplace } from './replacing'
