import { fail } from '@juxtachrome/core/result'

/** How long work says how far it is, and is stopped. */
export interface LongWork {
  progress?: (done: number, of: number) => void
  signal?: AbortSignal
}

export const STOPPED = fail('cancelled', 'Cancelled.')
