/** What to buy next: needs, shops' offers, a plan within a budget, what was spent. What is shared of it, by name. */
export { answerNeed } from './answerNeed'
export { type ClassSums, type ClassTube, leastPrices, sumsOfClass } from './classSums'
export { closersOf } from './closers'
export { costOfFill, costOfPalette, costOfSitting, type Worth } from './costOf'
export { byRankAndWeight, gatherNeeds, withAnswer } from './gatherNeeds'
export type { LinearModel, Solve, Solved, SolveOptions } from './linearModel'
export { type Need, type NeedReason, needState, type NeedState } from './need'
export { newInSet, type SetOnOffer, setsInOrder } from './setsInOrder'
export {
  judgeOffers,
  type Match,
  matchOf,
  paintOfOffered,
  perMillilitre,
  setAgainstOwned,
  type SetWorth,
} from './offers'
export { startOf } from './periods'
export { planPurchases, type PurchasePlan } from './planPurchases'
export { type Buy, figuresOfPlan, type PlanFigures, type PurchaseProblem } from './problem'
export type { PlannedOffer } from './plannedOffer'
export { type LeftOut, type Prepared, preparePurchases } from './purchaseProblem'
export { compareSizes, type Size } from './sizes'
export { type HighsLike, solveWithHighs } from './solveWithHighs'
export { SPENT_BY, spentBy, type SpentBy, spendingsOf } from './spent'
export { placeOrder, placesKeptFor, settleLine, standingSum, wordsOf } from './orders'
