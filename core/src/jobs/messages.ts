import type { Contents } from '../collection/contents'
import type { Delta } from '../collection/writeSet'
import type { IndexPart } from '../reach/mixtureIndex'
import type { Result } from '../result'
import type { IndexWanted } from './job'
import type { Kept } from './kept'
import type { JobName } from './registry'

/** Messages to a worker, heard in the order in which they are sent. */
export type ToWorker =
  /** The documents, to begin with; the journal follows as deltas, the last of which says `complete`. */
  | { type: 'contents'; contents: Contents; revision: number }
  | { type: 'delta'; delta: Delta; revision: number; complete?: boolean }
  /**
   * A question; with `session` it stays open and is answered again when something that it read changed. `kept` is an
   * answer of an earlier visit, which holds if what it rests on is the same.
   */
  | { type: 'ask'; id: number; name: JobName; request: unknown; session: boolean; kept?: Kept }
  | { type: 'close'; id: number }
  /** An index of mixtures that was wanted, in its parts. */
  | { type: 'hold'; parts: readonly IndexPart[] }
  | { type: 'ping' }

/** Messages from a worker. `revision` says of which state of the collection an answer speaks. */
export type FromWorker =
  | { type: 'progress'; id: number; progress: unknown }
  | { type: 'answer'; id: number; revision: number; result: Result<unknown>; kept?: Kept }
  /** A question wants indexes of mixtures that are not at hand in this worker. */
  | { type: 'wants'; id: number; wants: readonly IndexWanted[] }
  | { type: 'pong' }
