import type { Problem, Result } from '@juxtachrome/core/result'
import type { Applied, Collection } from '@juxtachrome/core/collection'
import { JOBS, type JobName, type Lane, type ProgressOf, type RequestOf, type ValueOf } from '@juxtachrome/core/jobs'
import { plain } from './plain'
import { Seat, type Port, type Question } from './seat'

export type { JobName, ProgressOf, RequestOf, ValueOf }

export interface Asked<N extends JobName> {
  result: Promise<Result<ValueOf<N>>>
  cancel(): void
}
export interface AskOptions<N extends JobName> {
  progress?: (progress: ProgressOf<N>) => void
  /** A newer question on the same topic takes the place of the older. */
  topic?: string
  transfer?: Transferable[]
}
export interface SessionOptions<N extends JobName> {
  /** Called with every answer: the first, and one after each change that concerns the question. */
  answer: (result: Result<ValueOf<N>>, revision: number) => void
  progress?: (progress: ProgressOf<N>) => void
}

interface Options {
  start: () => Port
  /** The collection that the workers mirror. */
  collection: Collection
  /** Workers for long work; one more answers what a person waits for. */
  longWorkers: number
  /** A worker that says nothing for so long while it has work is taken for dead, ms. */
  silence?: number
}

/**
 * Asks a small pool of workers to run jobs over their mirrors of the collection: one for what a person waits for,
 * the others for long work. Stale answers are dropped. A worker that dies is replaced, and what it was asked is
 * asked again once.
 */
export class CoreClient {
  readonly #lanes: Record<Lane, Seat[]>
  readonly #topics = new Map<string, () => void>()
  #next = 1

  constructor({ start, collection, longWorkers, silence = 20_000 }: Options) {
    const seat = () => new Seat(start, collection, silence)
    this.#lanes = { live: [seat()], long: Array.from({ length: Math.max(1, longWorkers) }, seat) }
    collection.subscribe((applied) => this.#follow(applied))
  }

  /** How many workers there are for long work: so many shares a large question is best cut into. */
  get longWorkers(): number {
    return this.#lanes.long.length
  }

  /** Tells every worker that was started what changed; the copy that crosses to them is made once. */
  #follow(applied: Applied): void {
    const started = [...this.#lanes.live, ...this.#lanes.long].filter((seat) => seat.isStarted)
    if (started.length === 0) return
    const told = { ...applied, delta: plain(applied.delta) }
    for (const seat of started) seat.follow(told)
  }

  ask<N extends JobName>(name: N, request: RequestOf<N>, options: AskOptions<N> = {}): Asked<N> {
    const { topic, transfer = [] } = options
    if (topic !== undefined) this.#topics.get(topic)?.()
    const id = this.#next++
    const seat = this.#seatFor(JOBS[name].lane)
    const result = new Promise<Result<unknown>>((settle) => {
      const question = this.#question(id, name, request, options.progress as Question['progress'])
      seat.ask({ ...question, session: false, transfer, answer: settle })
    })
    const end = (why: Problem) => seat.close(id, why)
    if (topic !== undefined) this.#topics.set(topic, () => end(REPLACED))
    return { result: result as Promise<Result<ValueOf<N>>>, cancel: () => end(CANCELLED) }
  }

  /** Opens a question that stays: it is answered again after every change that concerns it, until it is closed. */
  open<N extends JobName>(name: N, request: RequestOf<N>, options: SessionOptions<N>): { close(): void } {
    const id = this.#next++
    const seat = this.#seatFor(JOBS[name].lane)
    const question = this.#question(id, name, request, options.progress as Question['progress'])
    seat.ask({ ...question, session: true, transfer: [], answer: options.answer as Question['answer'] })
    return { close: () => seat.close(id) }
  }

  #question(id: number, name: JobName, request: unknown, progress: Question['progress']) {
    return { id, name, request: plain(request), progress }
  }

  #seatFor(lane: Lane): Seat {
    return this.#lanes[lane].reduce((idlest, next) => (next.busy < idlest.busy ? next : idlest))
  }
}

const CANCELLED: Problem = { code: 'cancelled', message: 'Cancelled.' }
const REPLACED: Problem = { code: 'replaced', message: 'Replaced by a newer question.' }

/** Memory is dearer than waiting: never more workers for long work than this. */
const MOST_LONG = 3
let client: CoreClient | undefined
/** The application's one client, for its one collection. */
export function coreClient(collection: Collection): CoreClient {
  const start = () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }) as unknown as Port
  const cores = globalThis.navigator?.hardwareConcurrency ?? 2
  client ??= new CoreClient({ start, collection, longWorkers: Math.min(MOST_LONG, cores - 1) })
  return client
}
