import { byTime, type Effective } from './effectiveJournal'

export interface TimelineChange {
  /** Where the list must be folded from: `end` when everything new lies after everything old. */
  from: 'end' | 'beginning'
  events: Effective[]
}

/** Events in order of time after some were withdrawn and some added. The list is changed in place where it only grows. */
export function changeTimeline(
  events: Effective[],
  withdrawn: ReadonlySet<string>,
  added: readonly Effective[],
): TimelineChange {
  const sorted = [...added].sort(byTime)
  const last = events.at(-1)
  const grows = withdrawn.size === 0 && (!last || !sorted[0] || byTime(last, sorted[0]) <= 0)
  if (grows) {
    for (const effective of sorted) events.push(effective)
    return { from: 'end', events }
  }
  return {
    from: 'beginning',
    events: merged(
      events.filter((e) => !withdrawn.has(e.entryId)),
      sorted,
    ),
  }
}

/** Two lists in order of time as one. */
function merged(one: readonly Effective[], other: readonly Effective[]): Effective[] {
  const all: Effective[] = []
  let i = 0
  for (const next of other) {
    while (i < one.length && byTime(one[i]!, next) <= 0) all.push(one[i++]!)
    all.push(next)
  }
  while (i < one.length) all.push(one[i++]!)
  return all
}
