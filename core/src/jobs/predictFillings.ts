import { recipesIn } from '../collection/lists'
import { observationOf } from '../mixing/observations'
import { asItMixes, strengthsIn } from '../mixing/strengths'
import { predictMixture, type MixturePart } from '../mixing/predictMixture'
import { cachedOptics } from '../film/cachedOptics'
import type { Collection } from '../collection/collection'
import { ok } from '../result'
import type { LabD65 } from '../units'
import { job } from './job'

export interface PredictRequest {
  /** What is looked at: paints in parts, each at so many parts of water. */
  fillings: readonly { parts: readonly { paintId: string; parts: number }[]; waters: readonly number[] }[]
}
/** For each filling the colour at each water; none where a paint is gone or has no known colour. */
export type PredictedFillings = LabD65[][]

const AT_ONCE = 200

/** What mixtures look like, many at once: for charts, keys and the check of a photograph. */
export const predictFillingsJob = job<PredictRequest, { done: number; of: number }, PredictedFillings>({
  lane: 'live',
  *run({ fillings }, collection) {
    const observations = recipesIn(collection).flatMap((recipe) => observationOf(recipe) ?? [])
    const value: PredictedFillings = []
    for (const { parts, waters } of fillings) {
      const shares = sharesOf(parts, collection)
      const labs = shares
        ? waters.flatMap((water) => {
            const mixed = predictMixture(shares, { water, observations })
            return mixed.ok ? [mixed.value.lab] : []
          })
        : []
      value.push(labs.length === waters.length ? labs : [])
      if (value.length % AT_ONCE === 0) yield { done: value.length, of: fillings.length }
    }
    return ok(value)
  },
})

function sharesOf(
  parts: readonly { paintId: string; parts: number }[],
  collection: Collection,
): MixturePart[] | undefined {
  const strengths = strengthsIn(collection)
  const shares: MixturePart[] = []
  for (const { paintId, parts: p } of parts) {
    const paint = collection.get('paints', paintId)
    const optics = paint ? cachedOptics(paint) : undefined
    if (!optics?.ok) return undefined
    shares.push({ optics: asItMixes(optics.value, strengths.get(paintId)), parts: p, id: paintId })
  }
  return shares
}
