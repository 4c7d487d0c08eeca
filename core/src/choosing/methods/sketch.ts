import type { GuideCall } from '../../documents/guide'
import type { Paint } from '../../documents/paint'
import { rankCall, type RankContext } from './rank'

/**
 * The paints that a method would end with if the first answer to each of its calls were taken: a picture of the method
 * from one's own collection, not a choice. In the order of the calls; a call that nobody answers adds nothing.
 * @param paints those that may answer; a paint is taken once.
 * @param context as for ranking a call, without what is planned already.
 */
export function sketchOf(
  calls: readonly GuideCall[],
  paints: readonly Paint[],
  context: Omit<RankContext, 'planned' | 'gains'>,
): Paint[] {
  const byId = new Map(paints.map((p) => [p.id, p]))
  const taken: Paint[] = []
  for (const call of calls)
    for (let n = 0; n < call.quota; n += 1) {
      const first = rankCall(call, paints, { ...context, planned: taken }, 1)[0]
      if (!first?.answers) break
      taken.push(byId.get(first.paintId)!)
    }
  return taken
}
