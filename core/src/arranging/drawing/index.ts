/** Drawing a holder, by pure steps; each gives the drawing after it, or says why not. */
export { measuresOfPans, PAN_MEASURES } from '../holderShapes'
export { addPart, addPlaces, addRing, addRows, type RowSpec, squeezeIn, usualSize } from './addThings'
export {
  duplicateThings,
  moveThings,
  removeThings,
  renamePlace,
  settlePlaces,
  shapeThing,
  snapped,
  turnThings,
} from './alterThings'
export { changeHolder, redrawHolder, type Rehoused } from './changeHolder'
export type { Drawing, Drawn } from './drawing'
export { type HolderProblem, holderProblems } from './holderProblems'
export { boxRound, partIndex, partKey, type Part, type Thing, type ThingKey, shapeOf, thingsOf } from './things'
export { emptyHolder, mirrorHolder, resizeHolder, turnHolder } from './wholeHolder'
