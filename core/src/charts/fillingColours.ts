import type { Reading } from '../collection/reading'
import { paintJudged } from '../collection/lists'
import { cachedOptics } from '../film/cachedOptics'
import { observationsIn } from '../mixing/observations'
import { mixtureColours, type MixturePart } from '../mixing/predictMixture'
import { asItMixes, strengthsIn } from '../mixing/strengths'
import type { LabD65 } from '../units'
import type { Filling } from './marks'

/** Colours of fillings as they are predicted: one for each water; none where a paint is gone or has no known colour. */
export function fillingColours(reading: Reading): (parts: Filling['parts'], waters: readonly number[]) => LabD65[] {
  const strengths = strengthsIn(reading)
  const observations = observationsIn(reading)
  return (parts, waters) => {
    const shares: MixturePart[] = []
    for (const { paintId, parts: p } of parts) {
      const paint = paintJudged(reading, paintId)
      const optics = paint ? cachedOptics(paint) : undefined
      if (!optics?.ok) return []
      shares.push({ optics: asItMixes(optics.value, strengths, paintId), parts: p, id: paintId })
    }
    const labs = mixtureColours(shares, waters, observations)
    return labs.ok ? labs.value : []
  }
}

/** Waters that can be meant by a filling: a run from full strength to thin, or half to twice of what is said. */
export const watersOf = ({ water }: Filling): number[] =>
  water === undefined ? [0, 1, 2, 4, 8] : water === 0 ? [0, 0.5, 1] : [water / 2, water, water * 2]
