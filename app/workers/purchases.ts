import type { PurchasePlan, PurchaseProblem } from '@juxtachrome/core/restocking'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { plain } from './plain'

export interface ToSolver {
  id: number
  problem: PurchaseProblem
  order: 'best value' | 'in my order'
}
type FromSolver = { id: number; soFar?: PurchasePlan; plan?: PurchasePlan; trouble?: string }

let worker: Worker | undefined
let last = 0
const start = () => new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' })

/** Ends the worker, and with it whatever it is at. */
function end(): void {
  worker?.terminate()
  worker = undefined
}

/**
 * Asks the solver's worker for a plan; better ones are told as they are found. Cancelled, the best that was told is kept
 * by the asker. Errors: `cancelled`, `solver-failed`.
 */
export function askForPurchases(
  problem: PurchaseProblem,
  order: ToSolver['order'],
  tell: (plan: PurchasePlan) => void,
): { result: Promise<Result<PurchasePlan>>; cancel(): void } {
  const id = (last += 1)
  let settle: (result: Result<PurchasePlan>) => void = () => {}
  const result = new Promise<Result<PurchasePlan>>((resolve) => (settle = resolve))
  const own = (worker ??= start())
  own.onmessage = ({ data }: MessageEvent<FromSolver>) => {
    if (data.id !== id) return
    if (data.soFar) tell(data.soFar)
    if (data.plan) settle(ok(data.plan))
    if (data.trouble) settle(fail('solver-failed', `The solver stopped: ${data.trouble}`))
  }
  own.onerror = ({ message }) => {
    if (worker === own) end()
    settle(fail('solver-failed', `The solver could not work${message ? `: ${message}` : '.'}`))
  }
  own.postMessage(plain({ id, problem, order }))
  return {
    result,
    cancel() {
      if (worker === own) end()
      settle(fail('cancelled', 'Cancelled.'))
    },
  }
}
