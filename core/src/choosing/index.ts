/** What a palette is for and what there is to say about it. What is shared of it, by name. */
export { type Conflict } from './brief/conflicts'
export { countInWords, type CountMissed, countsMissed, isCounted } from './brief/counts'
export { type Fit, fitOf, isRuledOut } from './brief/fit'
export { type Wish, wishOf, WISHES } from './brief/wishes'
export { CLOSES } from './verdict/closes'
export { type Drawback, type DrawbackContext, drawbacksOf } from './drawbacks'
export { type Finding, findingsOf, type Remedy } from './findings'
export { type AssessProgress, type AssessQuestion, assessPalette } from './verdict/assess'
export type { Assessment, Bringing, Gap, Neutral, Spare, Tally, Twins, Values } from './verdict/assessment'
export type { GapKind } from './verdict/gapKind'
export { type Chosen, type ChosenPaint, choosePalette, type ChooseProgress, type WishCost } from './best/choosePalette'
export type { Wished, WishMissed } from './best/wishWeights'
export { coverOf, type Cover } from './best/cover'
export { suggestChange } from './best/suggestChange'
export {
  answerList,
  callsOf,
  type CallProgress,
  type Candidate,
  callsOfGuide,
  leavingOpen,
  type ListedAnswer,
  passing,
  rankCall,
  type RankContext,
  READY_METHODS,
  type ReadyMethod,
  sketchOf,
  reduceSteps,
  type ReduceStep,
  taking,
  unpassing,
  wantsOf,
  type Method,
  METHODS,
} from './methods'
export { fadingIn, type PaletteProposal, PROPOSAL_KINDS, type ProposalKind, proposePalettes } from './proposals'
export { intoHolder, isSamePlan, keepingOnly, planDifference, presentVersion } from './versions'
export { paletteAt } from './paletteAt'
