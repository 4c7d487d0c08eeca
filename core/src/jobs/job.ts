import type { IndexNeed } from '../choosing/verdict/assessment'
import type { Reading } from '../collection/reading'
import type { Result } from '../result'
import type { Tools } from './tools'

/**
 * Where a question is worked on: what a person waits for apart from long work, so that neither blocks the other; what
 * blocks its worker (the solver), or needs nothing of the collection (pixels), in a place of its own.
 */
export type Lane = 'live' | 'long' | 'solver' | 'pixels'

/** An index of mixtures that a question needs and that the asker's pool is to bring. */
export type IndexWanted = IndexNeed

/** A question that a worker can be asked. What it rests on is what it reads: nobody lists it. */
export interface Job<Request, Progress, Value> {
  lane: Lane
  /** What has to be waited for before it can run, such as unpacking a file: the request, with what was found in it. */
  first?(request: Request, tools: Tools): Promise<Result<Request>>
  /** A generator that yields how far it is, so that it can be stopped between two steps. */
  run(request: Request, reading: Reading): Generator<Progress, Result<Value>>
  /**
   * In place of `run` where a tool of the worker has to be waited for; `tell` says how far it is, and lets others have
   * their turn, for so many ms where the one who hears it needs them.
   */
  work?(
    request: Request,
    tools: Tools,
    tell: (progress: Progress, rest?: number) => Promise<void>,
  ): Promise<Result<Value>>
  /** What of a progress must reach the asker whatever comes after it: a better answer, not how far it is. */
  news?(progress: Progress): unknown
  /** After this progress there is time: what comes next is worth doing only when nothing changed for so long, ms. `run` counts from 1. */
  rests?(progress: Progress, run: number): number | undefined
  /** Indexes that it wants before it can say more. */
  wants?(said: Progress | Value): readonly IndexWanted[] | undefined
  /** What of an answer is handed over rather than copied. */
  hands?(value: Value): ArrayBuffer[]
  /** In a session: whether an answer may be kept on the device for as long as what it rests on is the same. */
  keeps?(value: Value): boolean
}

export const job = <Request, Progress, Value>(kind: Job<Request, Progress, Value>): Job<Request, Progress, Value> =>
  kind

/** A job of a single step. */
export const atOnce = <Request, Value>(
  work: (request: Request, reading: Reading) => Result<Value>,
): Job<Request, never, Value>['run'] =>
  // eslint-disable-next-line require-yield
  function* (request, reading) {
    return work(request, reading)
  }
