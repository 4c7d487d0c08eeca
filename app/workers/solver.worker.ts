import { type HighsLike, planPurchases, solveWithHighs, type Solve } from '@juxtachrome/core/restocking'
import loadHighs from 'highs'
import wasmUrl from 'highs/runtime?url'
import type { ToSolver } from './purchases'

/** Plans purchases with a solver that blocks while it works: a worker of its own, ended when a plan is cancelled. */
let loading: Promise<HighsLike> | undefined
const highs = () => (loading ??= loadHighs({ locateFile: () => wasmUrl }) as unknown as Promise<HighsLike>)
const solve: Solve = async (model, options) => solveWithHighs(await highs(), model, options)

self.onmessage = async ({ data: { id, problem, order } }: MessageEvent<ToSolver>) => {
  try {
    const plan = await planPurchases(problem, { order, solve, tell: (soFar) => self.postMessage({ id, soFar }) })
    self.postMessage({ id, plan })
  } catch (error) {
    self.postMessage({ id, trouble: String(error) })
  }
}
