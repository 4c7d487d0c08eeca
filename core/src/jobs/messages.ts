import type { Contents } from '../collection/contents'
import type { Delta } from '../collection/writeSet'
import type { Result } from '../result'
import type { JobName } from './registry'

/** Messages to a worker, heard in the order in which they are sent. */
export type ToWorker =
  /** The documents, to begin with; the journal follows as deltas, the last of which says `complete`. */
  | { type: 'contents'; contents: Contents; revision: number }
  | { type: 'delta'; delta: Delta; revision: number; complete?: boolean }
  /** A question; with `session` it stays open and is answered again after changes that concern it. */
  | { type: 'ask'; id: number; name: JobName; request: unknown; session: boolean }
  | { type: 'close'; id: number }
  | { type: 'ping' }

/** Messages from a worker. `revision` says of which state of the collection an answer speaks. */
export type FromWorker =
  | { type: 'progress'; id: number; progress: unknown }
  | { type: 'answer'; id: number; revision: number; result: Result<unknown> }
  | { type: 'pong' }
