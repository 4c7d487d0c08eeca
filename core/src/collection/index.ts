/** All documents in memory, and what changes them. What is shared of it, by name. */
export { checkDelta } from './checkDelta'
export { checkWrite } from './checkWrite'
export { Collection } from './collection'
export { type Contents, noContents, type Unreadable } from './contents'
export { itemsByPaint, itemsIn, leftoversIn, paintsIn, palettesIn, pansIn, recipesIn } from './lists'
export { Settling } from './settle'
export { type Patch, patchesOf, takeBack } from './undo'
export type { Applied, Delta, DocumentNow, WriteSet } from './writeSet'
