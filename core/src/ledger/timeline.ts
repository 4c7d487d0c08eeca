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
  return { from: 'beginning', events: [...events.filter((e) => !withdrawn.has(e.entryId)), ...sorted].sort(byTime) }
}
