/** What takes the place of a paint, and what it does not reproduce. What is shared of it, by name. */
export { type Wanting, wantingOf } from './because'
export { type Convenience, convenienceOf } from './convenience'
export {
  findStandIns,
  type Scope,
  SCOPES,
  searchStandIns,
  type StandInProgress,
  type StandInQuestion,
} from './findStandIns'
export { type Identification, type Identified, identifyPaint, type Observed } from './identifyPaint'
export { type Away, awayIn, restoreAt, standInAt } from './inPlace'
export { type StandInContext } from './judge'
export { type Matter, MATTERS, type Matters, mattersInWords, MATTER_WORDS, USUAL_MATTERS } from './matters'
export { type Must, MUSTS, mustsOf } from './musts'
export type { PointLost } from './point'
export { paintOfCodes, paintOfPigment, type Sought, soughtOf } from './sought'
export { effortOf, type StandIn, STAND_IN_KINDS, type StandInKind } from './standIn'
export { type Line, substitutePalette, type Substitution } from './substitutePalette'
