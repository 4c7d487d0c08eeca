import type { PlanAgainstPans } from '@juxtachrome/core/filling'
import { listed } from './figures'
import type { NameOf } from './lists'

/** Places that a sentence names; of more it says how many. */
const MOST = 6
function named(places: readonly string[]): string {
  const rest = places.length - MOST
  return rest > 0 ? `${places.slice(0, MOST).join(', ')} and ${rest} more` : listed(places)
}

/**
 * How plan and pans agree, in one sentence or two: the same on Today, while filling, and wherever both are spoken of. What
 * lies in the place of another paint is named with both.
 */
export function plansAndPansInWords({ toFill, out, other }: PlanAgainstPans, nameOf: NameOf): string {
  const parts = [
    toFill.length ? `To be filled: ${named(toFill.map((p) => p.placeId))}.` : '',
    out.length
      ? `${out.length === 1 ? 'The pan' : 'The pans'} of ${named(out.map((p) => p.placeId))} ${out.length === 1 ? 'is' : 'are'} out.`
      : '',
    other.length
      ? `Another paint than planned lies in ${named(other.map((p) => `${p.placeId} (${nameOf(p.lies)}, planned ${nameOf(p.planned)})`))}.`
      : '',
  ].filter(Boolean)
  return parts.join(' ') || 'Every planned place holds its paint.'
}
