import type { Unlike } from '../mixing/unlike'
import type { Sought } from './sought'
import type { StandIn } from './standIn'

/** CIEDE2000 from which something is another colour, whatever else it does (judgement). */
const ANOTHER_COLOUR = 10
/** Steps on the trade's scales from which it behaves as another paint (judgement). */
const ANOTHER_PAINT = 2

/** Why something is no stand-in at all for somebody who has not seen the paint that is named. */
export type PointLost =
  | { kind: 'colour'; difference: number }
  | { kind: 'fades' }
  | { kind: 'caution' }
  | { kind: 'behaviour'; unlike: Unlike }

/**
 * What of the point of a paint a stand-in loses: its colour, that it lasts, that it needs no caution, how it behaves.
 * Undefined where it keeps all that; the gravest first.
 */
export function pointLost(
  { kind, alone, loses, unlike }: Pick<StandIn, 'kind' | 'alone' | 'loses' | 'unlike'>,
  { loses: own }: Pick<Sought, 'loses'>,
): PointLost | undefined {
  if (kind === 'another item') return undefined
  if (alone.difference > ANOTHER_COLOUR) return { kind: 'colour', difference: alone.difference }
  if (loses.includes('last') && !own.includes('last')) return { kind: 'fades' }
  if (loses.includes('caution') && !own.includes('caution')) return { kind: 'caution' }
  const other = unlike.find(
    (u) => (u.trait === 'granulation' || u.trait === 'transparency') && u.steps >= ANOTHER_PAINT,
  )
  return other && { kind: 'behaviour', unlike: other }
}
