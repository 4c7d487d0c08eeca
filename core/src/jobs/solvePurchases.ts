import { planPurchases, type PurchasePlan } from '../restocking/planPurchases'
import type { PurchaseProblem } from '../restocking/problem'
import { fail, ok } from '../result'
import { atOnce, job } from './job'

export interface SolveRequest {
  problem: PurchaseProblem
  order: 'best value' | 'in my order'
}
const NO_SOLVER = fail('no-solver', 'The solver is not to be had here.')

/** A plan of purchases; better ones are told as they are found. Errors: `no-solver`, `solver-failed`. */
export const solvePurchasesJob = job<SolveRequest, PurchasePlan, PurchasePlan>({
  lane: 'solver',
  run: atOnce(() => NO_SOLVER),
  async work({ problem, order }, { solve }, tell) {
    if (!solve) return NO_SOLVER
    try {
      const plan = await planPurchases(problem, { order, solve, tell })
      return plan ? ok(plan) : fail('cancelled', 'Cancelled.')
    } catch (error) {
      return fail('solver-failed', `The solver stopped: ${error instanceof Error ? error.message : String(error)}`)
    }
  },
})
