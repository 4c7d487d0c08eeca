/** What paints can reach: targets, the index of mixtures, and a palette's reach counted from it. */
export { DEFAULT_TARGETS, NEAR_ENOUGH, tableOf, targetsOf } from './choices'
export { extractTargets, type Picture } from './extractTargets'
export { deeperThanPaint, fitValues } from './fitValues'
export {
  cellNumber,
  cellsOfRing,
  chromaOfRing,
  EVERYTHING,
  hueOfCell,
  labOfCell,
  LATTICE,
  type LatticeCell,
  RINGS,
  SHOWN_WHEELS,
  WHEELS,
} from './lattice'
export { type IndexPart, joinParts, keyOfIndex, mixtureIndex, type MixtureIndex } from './mixtureIndex'
export { PaletteReach, type ReachFigures, type SetSize, sizesOverAll } from './paletteReach'
export { isSameTarget, namesOfTargets, targetsOfPurpose } from './purpose'
export { isSubject, nameOfSubject, SUBJECTS, type Subject, subjectsIn, subjectTargets } from './subjects'
export { checkedTable, type Target, type TargetTable } from './targetTable'
export { cellsInWords, mapsTogether, type Together } from './together'
