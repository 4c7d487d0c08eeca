import type { Collection } from '../collection/collection'
import type { Applied } from '../collection/writeSet'
import type { Result } from '../result'

/** Questions that a person waits for run in the live lane, long work in the long one, so that neither blocks the other. */
export type Lane = 'live' | 'long'

/** A question that a worker can be asked. */
export interface Job<Request, Progress, Value> {
  lane: Lane
  /** True when the answer depends on the journal, which reaches a worker later than the documents. */
  readsJournal?: boolean
  /** What has to be waited for before it can run, such as unpacking a file: the request, with what was found in it. */
  first?(request: Request): Promise<Result<Request>>
  /** A generator that yields how far it is, so that it can be stopped between two steps. */
  run(request: Request, collection: Collection): Generator<Progress, Result<Value>>
  /** What of a progress must reach the asker whatever comes after it: a better answer, not how far it is. */
  news?(progress: Progress): unknown
  /** After this progress there is time: what comes next is worth doing only when nothing changed for so long, ms. `run` counts from 1. */
  rests?(progress: Progress, run: number): number | undefined
  /** In a session: whether a change may alter the answer. */
  concerns?(applied: Applied, request: Request, collection: Collection): boolean
}

export const job = <Request, Progress, Value>(kind: Job<Request, Progress, Value>): Job<Request, Progress, Value> =>
  kind

/** A job of a single step. */
export const atOnce = <Request, Value>(
  work: (request: Request, collection: Collection) => Result<Value>,
): Job<Request, never, Value>['run'] =>
  // eslint-disable-next-line require-yield
  function* (request, collection) {
    return work(request, collection)
  }
