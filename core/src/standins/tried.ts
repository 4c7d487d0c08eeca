import type { Trial, Wanted } from '../documents/trial'
import type { Judge, Option } from './judge'
import { isSameWanted } from './sought'
import { keyOfMixture, type StandIn } from './standIn'

/** The newest trial of a stand-in for what is wanted. A mixture is tried by its paints, in whatever parts. */
export const trialOf = (trials: readonly Trial[], wanted: Wanted, standIn: StandIn): Trial | undefined =>
  trials
    .filter((t) => isSameWanted(t.wanted, wanted) && keyOfTrial(t) === standIn.key)
    .reduce<Trial | undefined>((newest, t) => (newest && newest.day > t.day ? newest : t), undefined)

export const keyOfTrial = ({ instead }: Trial): string =>
  instead.kind === 'paint' ? `paint ${instead.paintId}` : keyOfMixture(instead.paints.map((p) => p.paintId))

/** What was tried comes into question, also where no search would have found it. */
export function optionOfTrial(trial: Trial, wanted: Wanted, { kindOf, paint }: Judge): Option[] {
  const { instead } = trial
  if (!isSameWanted(trial.wanted, wanted)) return []
  if (instead.kind === 'paint') {
    const own = paint(instead.paintId)
    return own ? [{ kind: 'other pigments', paint: own }] : []
  }
  const kind = kindOf(instead.paints.map((p) => p.paintId))
  const paints = instead.paints.map(({ paintId, parts }) => ({ id: paintId, parts }))
  return [{ kind, mixture: { paints, water: instead.water } }]
}

/** The same pigments stand in by themselves only where they are the same colour, CIEDE2000 (judgement): codes cover several. */
const SAME_COLOUR = 8

/**
 * The same paint first, then what held well, passably; of what was not tried the same pigments, what the trade usually
 * takes, the others, and what fades; last what held badly or was refused.
 */
function classOf({ kind, trial, fades, usual, isSame, alone }: StandIn, isAsUsual: boolean): number {
  if (trial?.refused || trial?.held === 'badly') return 8
  if (kind === 'another item') return 0
  if (trial?.held) return trial.held === 'well' ? 1 : 2
  if (fades) return 7
  if (kind === 'to buy') return 6
  if (!isAsUsual) return 5
  if (isSame || (kind === 'same pigments' && alone.difference < SAME_COLOUR)) return 3
  return usual === undefined ? 5 : 4
}

/** @param isAsUsual whether what matters is as usual: who says otherwise goes by that, and not by what the trade takes. */
export const byTrialAndScore =
  (isAsUsual: boolean) =>
  (one: StandIn, other: StandIn): number =>
    classOf(one, isAsUsual) - classOf(other, isAsUsual) || one.score - other.score || (one.key < other.key ? -1 : 1)
