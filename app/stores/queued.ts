import type { WriteSet } from '@juxtachrome/core/collection'

/** A command's changes on their way to the disk. */
export interface Queued {
  write: WriteSet
  /** The era in which it was made; it does not fit into another. */
  era: string
}

/** What may go to the disk together: the first ones that were made in the same era, so many at the most. */
export function nextOfOneEra(queue: readonly Queued[], most: number): Queued[] {
  const other = queue.findIndex((q) => q.era !== queue[0]!.era)
  return queue.slice(0, Math.min(most, other < 0 ? queue.length : other))
}

/** All of them as one write. */
export const together = (batch: readonly Queued[]): WriteSet => ({
  diff: batch.flatMap((q) => q.write.diff),
  journal: batch.flatMap((q) => q.write.journal),
})
