import type { WriteSet } from '@juxtachrome/core/collection'
import type { Diff } from '@juxtachrome/core/documents'
import { ref } from 'vue'

/** A command's changes on their way to the disk. */
export interface Queued {
  write: WriteSet
  /** The era in which it was made; it does not fit into another. */
  era: string
}

/** What was done here and is not on disk yet, in its order. */
export class Outbox {
  readonly waiting = ref(0)
  readonly #queue: Queued[] = []

  push(one: Queued): void {
    this.#queue.push(one)
    this.#count()
  }

  /** What may go to the disk together: the first ones that were made in the same era, so many at the most. */
  first(most: number): Queued[] {
    const other = this.#queue.findIndex((q) => q.era !== this.#queue[0]!.era)
    return this.#queue.slice(0, Math.min(most, other < 0 ? this.#queue.length : other))
  }

  /** These are on disk, or will never be. */
  gone(ones: readonly Queued[]): void {
    for (const one of ones) {
      const at = this.#queue.indexOf(one)
      if (at >= 0) this.#queue.splice(at, 1)
    }
    this.#count()
  }

  clear(): void {
    this.#queue.length = 0
    this.#count()
  }

  /** What was made in one era, and waits. */
  made(era: string): Diff[] {
    return this.#queue.filter((q) => q.era === era).map((q) => q.write.diff)
  }

  #count(): void {
    this.waiting.value = this.#queue.length
  }
}

/** All of them as one write. */
export const together = (batch: readonly Queued[]): WriteSet => ({
  diff: batch.flatMap((q) => q.write.diff),
  journal: batch.flatMap((q) => q.write.journal),
})
