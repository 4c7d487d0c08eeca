import { fail, ok, type Result } from '../result'
import { type Arranged, ArrangeProblem, type ArrangeQuestion } from './arrangeProblem'
import { ARRANGE_WISHES } from './arrangeWishes'
import { searchAssignment } from './assignment'

export interface ArrangeProgress {
  /** Left out where nothing better was found since. */
  best?: Arranged
}

/**
 * The best arrangement found for a blend of wishes. Pins and reserved places hold; forbidden neighbours are kept apart
 * where that can be. Yields its best so far, the plan as it lies brought down first. Deterministic, counted by steps.
 *
 * Errors: `nothing-planned`, `no-wish` (nothing of the blend counts), `all-pinned`.
 */
export function* arrangePalette(question: ArrangeQuestion): Generator<ArrangeProgress, Result<Arranged>> {
  const { palette, blend, seed } = question
  const planned = Object.values(palette.plan).filter((p) => p.paintId)
  if (planned.length < 2) return fail('nothing-planned', 'Ordering needs at least two planned paints.')
  if (!ARRANGE_WISHES.some((w) => (blend[w.id] ?? 0) > 0)) return fail('no-wish', 'Say what matters first.')
  const problem = new ArrangeProblem(question)
  if (problem.problem.pinned.every(Boolean) || planned.every((p) => p.locked))
    return fail('all-pinned', 'Every paint is locked where it lies.')
  const search = searchAssignment({
    problem: problem.problem,
    start: problem.start,
    ...(seed === undefined ? {} : { seed }),
    ...(problem.plans.length > 40 ? { runs: 6, kicks: 0.5 } : {}),
  })
  let known = Infinity
  for (;;) {
    const step = search.next()
    if (step.done) return ok(problem.describe(step.value.order))
    const isBetter = step.value.cost < known - 1e-9
    if (isBetter) known = step.value.cost
    yield isBetter ? { best: problem.describe(step.value.order, false) } : {}
  }
}
