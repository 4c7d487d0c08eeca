import type { Method } from './method'
import { fourOfEach } from './fourOfEach'
import { printTriad } from './printTriad'
import { rounds } from './rounds'
import { splitPrimaries, splitPrimariesTwoCoolReds } from './splitPrimaries'
import { wheelComplete } from './wheel'

/** The ways that go by calls; reducing, somebody's list and a larger palette have screens of their own. */
export const METHODS: readonly Method[] = [
  splitPrimaries,
  splitPrimariesTwoCoolReds,
  rounds,
  wheelComplete,
  printTriad,
  fourOfEach,
]
export { answerList, type ListedAnswer } from './fromList'
export { type CallProgress, callsOfGuide, leavingOpen, passing, taking, unpassing } from './progress'
export { type Candidate, rankCall, type RankContext } from './rank'
export { READY_METHODS, type ReadyMethod } from './readyMethods'
export { reduceSteps, type ReduceStep } from './reduce'
export { callsOf, wantsOf } from './shorthand'
export { sketchOf } from './sketch'
export type { Method, MethodContext } from './method'
