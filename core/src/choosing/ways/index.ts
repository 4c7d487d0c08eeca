import type { Way } from './way'
import { fourOfEach } from './fourOfEach'
import { printTriad } from './printTriad'
import { rounds } from './rounds'
import { splitPrimaries, splitPrimariesTwoCoolReds } from './splitPrimaries'
import { wheelComplete } from './wheel'

/** The ways that go by calls; reducing, somebody's list and a master set have screens of their own. */
export const WAYS: readonly Way[] = [
  splitPrimaries,
  splitPrimariesTwoCoolReds,
  rounds,
  wheelComplete,
  printTriad,
  fourOfEach,
]
export { answerList, type ListedAnswer } from './fromList'
export { type CallProgress, guideCalls, leavingOpen, passing, taking, unpassing } from './progress'
export { type Candidate, rankCall, type RankContext } from './rank'
export { READY_GUIDES, type ReadyGuide } from './readyGuides'
export { reduceSteps, type ReduceStep } from './reduce'
export { callsOf, wantsOf } from './shorthand'
export { sketchOf } from './sketch'
export type { Way, WayContext } from './way'
