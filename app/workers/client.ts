import type { Problem, Result } from '@juxtachrome/core/result'
import type { Applied, Collection } from '@juxtachrome/core/collection'
import {
  JOBS,
  type IndexWanted,
  type JobName,
  type Kept,
  type Lane,
  type ProgressOf,
  type RequestOf,
  type ValueOf,
} from '@juxtachrome/core/jobs'
import { plain } from './plain'
import { MixtureIndexes, type PartsStore } from './mixtureIndexes'
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
  /** Called with every answer: the first, and one whenever something that it was read from changed. */
  answer: (result: Result<ValueOf<N>>, revision: number) => void
  progress?: (progress: ProgressOf<N>) => void
}

/** What is kept on the device between visits: parts of indexes, and answers with what they rest on. */
export interface ResultStore extends PartsStore {
  readAnswer(name: JobName, request: unknown): Promise<Kept | undefined>
  keepAnswer(name: JobName, request: unknown, kept: Kept): Promise<void>
}

export interface ClientOptions {
  /** Starts a worker for a lane. */
  start: (lane: Lane) => Port
  /** The collection that the workers mirror. */
  collection: Collection
  /** Workers for long work; one more answers what a person waits for. */
  longWorkers: number
  silence?: number
  store?: ResultStore
}

/** The solver says nothing while it works; it stops itself long before this, ms. */
const SOLVES = 600_000

/**
 * Asks a small pool of workers to run jobs over their mirrors of the collection: one for what a person waits for,
 * others for long work, one each for the solver and for the pixels of pictures. Stale answers are dropped. A worker that
 * dies is replaced, and what it was asked is asked again. Indexes that a question wants are brought to its worker.
 */
export class CoreClient {
  readonly indexes: MixtureIndexes
  readonly #lanes: Record<Lane, Seat[]>
  readonly #topics = new Map<string, () => void>()
  readonly #store: ResultStore | undefined
  #next = 1

  constructor({ start, collection, longWorkers, silence = 20_000, store }: ClientOptions) {
    const seat = (lane: Lane, kind = {}) =>
      new Seat({ start: () => start(lane), mirrors: true, silence, ...kind }, collection)
    this.#lanes = {
      live: [seat('live')],
      long: Array.from({ length: Math.max(1, longWorkers) }, () => seat('long')),
      solver: [seat('solver', { mirrors: false, blocks: true, silence: Math.max(silence, SOLVES) })],
      pixels: [seat('pixels', { mirrors: false })],
    }
    this.#store = store
    this.indexes = new MixtureIndexes(this, store)
    collection.subscribe((applied) => this.#follow(applied))
  }

  /** How many workers there are for long work: so many shares a large question is best cut into. */
  get longWorkers(): number {
    return this.#lanes.long.length
  }

  /** Tells every worker that was started what changed; the copy that crosses to them is made once. */
  #follow(applied: Applied): void {
    const started = Object.values(this.#lanes)
      .flat()
      .filter((seat) => seat.isStarted && seat.kind.mirrors)
    if (started.length === 0) return
    const told = { ...applied, delta: plain(applied.delta) }
    for (const seat of started) seat.follow(told)
  }

  ask<N extends JobName>(name: N, request: RequestOf<N>, options: AskOptions<N> = {}): Asked<N> {
    const { topic, transfer = [] } = options
    if (topic !== undefined) this.#topics.get(topic)?.()
    const seat = this.#seatFor(JOBS[name].lane)
    const question = this.#question(name, request, options.progress, seat)
    const result = new Promise<Result<unknown>>((settle) => {
      seat.ask({ ...question, session: false, transfer, answer: settle })
    })
    const end = (why: Problem) => seat.close(question.id, why)
    if (topic !== undefined) this.#topics.set(topic, () => end(REPLACED))
    return { result: result as Promise<Result<ValueOf<N>>>, cancel: () => end(CANCELLED) }
  }

  /**
   * Opens a question that stays: it is answered again whenever something that it was read from changed, until it is
   * closed. An answer that was kept at an earlier visit stands at once where it still holds.
   */
  open<N extends JobName>(name: N, request: RequestOf<N>, options: SessionOptions<N>): { close(): void } {
    const seat = this.#seatFor(JOBS[name].lane)
    const question: Question = {
      ...this.#question(name, request, options.progress, seat),
      session: true,
      transfer: [],
      answer: options.answer as Question['answer'],
      keep: (kept) => void this.#store?.keepAnswer(name, request, kept),
    }
    let isClosed = false
    const ask = (kept?: Kept) => {
      if (!isClosed) seat.ask(kept ? { ...question, kept } : question)
    }
    if (this.#store) void this.#store.readAnswer(name, request).then(ask)
    else ask()
    return {
      close: () => {
        isClosed = true
        seat.close(question.id)
      },
    }
  }

  #question<N extends JobName>(name: N, request: RequestOf<N>, progress: AskOptions<N>['progress'], seat: Seat) {
    const id = this.#next++
    return {
      id,
      name,
      request: plain(request) as unknown,
      progress: progress as Question['progress'],
      wants: (wants: readonly IndexWanted[]) => {
        for (const want of wants) void this.indexes.bring(want, seat, () => seat.isOpen(id))
      },
    }
  }

  #seatFor(lane: Lane): Seat {
    return this.#lanes[lane].reduce((idlest, next) => (next.busy < idlest.busy ? next : idlest))
  }
}

const CANCELLED: Problem = { code: 'cancelled', message: 'Cancelled.' }
const REPLACED: Problem = { code: 'replaced', message: 'Replaced by a newer question.' }

const start = (lane: Lane): Port =>
  new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: lane }) as unknown as Port

/** Memory is dearer than waiting: never more workers for long work than this. */
const MOST_LONG = 3
let client: CoreClient | undefined
/** The application's one client, for its one collection. */
export function coreClient(collection: Collection, store?: ResultStore): CoreClient {
  const cores = globalThis.navigator?.hardwareConcurrency ?? 2
  client ??= new CoreClient({ start, collection, longWorkers: Math.min(MOST_LONG, cores - 1), store })
  return client
}
