import type { Brief, TargetChoice } from '../documents/brief'
import { labD65 } from '../units'
import { EVERYTHING } from './lattice'
import { isSubject, subjectTargets } from './subjects'
import type { TargetTable } from './targetTable'

/** Up to which CIEDE2000 a mixture counts as near enough where the brief says nothing (judgement). */
export const NEAR_ENOUGH = 5
export const DEFAULT_TARGETS: readonly TargetChoice[] = [{ kind: 'everything', weight: 1 }]

/** What a brief asks to be able to mix: everything the collection can, where it says nothing. */
export const targetsOf = (brief: Brief | undefined): readonly TargetChoice[] =>
  brief?.targets?.length ? brief.targets : DEFAULT_TARGETS

/** The table that a choice stands for; undefined for a subject that this version does not know. */
export function tableOf(choice: TargetChoice): TargetTable | undefined {
  if (choice.kind === 'everything') return EVERYTHING
  if (choice.kind === 'subject') return isSubject(choice.subject) ? subjectTargets(choice.subject) : undefined
  return {
    name: choice.name,
    targets: choice.colours.map(({ L, a, b, weight, name }) => ({
      lab: labD65(L, a, b),
      weight,
      ...(name ? { name } : {}),
    })),
  }
}
