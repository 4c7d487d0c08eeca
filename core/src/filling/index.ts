/** Filling, drying, and the records of both. What is shared of it, by name. */
export { exchangesToPlan } from './carryOut'
export { doubtFilling } from './doubts'
export { dryingDays, usualFilling } from './drying'
export { correctEvent, recordEvent } from './entries'
export { fillOrder, itemsToFillFrom, type LeftOut, leftOutOf, usualFillings } from './fillOrder'
export { costToFill } from './costToFill'
export { type LoosePan, pansForTrip, pansIn } from './trip'
