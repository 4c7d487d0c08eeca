import { fillingColours } from '../charts/fillingColours'
import type { Filling } from '../charts/marks'
import { ok } from '../result'
import type { LabD65 } from '../units'
import { job } from './job'

export interface PredictRequest {
  /** What is looked at: paints in parts, each at so many parts of water. */
  fillings: readonly { parts: Filling['parts']; waters: readonly number[] }[]
}
/** For each filling the colour at each water; none where a paint is gone or has no known colour. */
export type PredictedFillings = LabD65[][]

const AT_ONCE = 200

/** What mixtures look like, many at once: for charts and keys. */
export const predictFillingsJob = job<PredictRequest, { done: number; of: number }, PredictedFillings>({
  lane: 'live',
  *run({ fillings }, reading) {
    const coloursOf = fillingColours(reading)
    const value: PredictedFillings = []
    for (const { parts, waters } of fillings) {
      value.push(coloursOf(parts, waters))
      if (value.length % AT_ONCE === 0) yield { done: value.length, of: fillings.length }
    }
    return ok(value)
  },
})
