import type { Problem, Result } from '@juxtachrome/core/result'
import type { Applied, Collection } from '@juxtachrome/core/collection'
import type { FromWorker, IndexWanted, JobName, Kept, ToWorker } from '@juxtachrome/core/jobs'

/** The part of a Worker that a seat needs. */
export interface Port {
  postMessage(message: ToWorker, transfer?: Transferable[]): void
  onmessage: ((event: { data: FromWorker }) => void) | null
  onerror: ((event: { message?: string }) => void) | null
  terminate(): void
}

export interface Question {
  id: number
  name: JobName
  request: unknown
  session: boolean
  transfer: Transferable[]
  /** The answer of an earlier visit, which may still hold. */
  kept?: Kept
  progress?: (progress: unknown) => void
  answer: (result: Result<unknown>, revision: number) => void
  /** What it answered, and what that rests on, is worth keeping. */
  keep?: (kept: Kept) => void
  /** It wants indexes of mixtures. */
  wants?: (wants: readonly IndexWanted[]) => void
}
interface Waiting extends Question {
  /** How often a worker died over it since it last said anything. */
  deaths: number
}

/** How a seat's worker is come by and kept. */
export interface SeatKind {
  start: () => Port
  /** Whether it mirrors the collection; one that only computes from its question does not. */
  mirrors: boolean
  /** A worker that says nothing for so long while it has work is taken for dead, ms. */
  silence: number
  /** Its work cannot hear of a cancel: closing a question ends the worker. */
  blocks?: boolean
}

/** Entries of the journal sent between two looks at the page's other work. */
const PORTION = 4000

/** One place of the pool: the worker that sits there, what it was told and what it was asked. */
export class Seat {
  #port: Port | undefined
  #heardAt = 0
  #watch: ReturnType<typeof setInterval> | undefined
  readonly #waiting = new Map<number, Waiting>()

  constructor(
    readonly kind: SeatKind,
    readonly collection: Collection,
  ) {}

  get busy(): number {
    return this.#waiting.size
  }

  get isStarted(): boolean {
    return this.#port !== undefined
  }

  isOpen(id: number): boolean {
    return this.#waiting.has(id)
  }

  ask(question: Question): void {
    if (this.#waiting.size === 0) this.#heardAt = Date.now()
    this.#waiting.set(question.id, { ...question, deaths: 0 })
    this.#send(question)
  }

  /** Ends a question; a job's asker is told why, a session's is not asked any more. */
  close(id: number, why?: Problem): void {
    const waiting = this.#waiting.get(id)
    if (!waiting) return
    this.#waiting.delete(id)
    if (this.kind.blocks) this.#begin()
    else this.#port?.postMessage({ type: 'close', id })
    if (why && !waiting.session) waiting.answer({ ok: false, error: why }, this.collection.revision)
  }

  /** Hands something over that belongs to no question. */
  give(message: Extract<ToWorker, { type: 'hold' }>, transfer: Transferable[]): void {
    this.#open().postMessage(message, transfer)
  }

  /** Tells the worker what changed, if there is one; the delta is plain, fit to cross. */
  follow({ whole, delta, revision }: Applied): void {
    if (!this.#port || !this.kind.mirrors) return
    if (whole) this.#mirror(this.#port)
    else this.#port.postMessage({ type: 'delta', delta, revision })
  }

  #send({ id, name, request, session, transfer, kept }: Question): void {
    try {
      this.#open().postMessage({ type: 'ask', id, name, request, session, ...(kept ? { kept } : {}) }, transfer)
    } catch (error) {
      this.#settle(id, failed(`The computation could not start: ${String(error)}`))
    }
  }

  #open(): Port {
    if (this.#port) return this.#port
    const port = this.kind.start()
    this.#port = port
    this.#heardAt = Date.now()
    port.onmessage = ({ data }) => this.#hear(data)
    port.onerror = (event) => this.#lose(port, event.message)
    this.#watch = setInterval(() => this.#look(port), Math.min(this.kind.silence / 4, 5000))
    if (this.kind.mirrors) this.#mirror(port)
    return port
  }

  /** The documents at once, the journal in portions, so that the page is not held up. */
  #mirror(port: Port): void {
    const { documents } = this.collection.contents()
    const { revision } = this.collection
    const { journal } = documents
    port.postMessage({
      type: 'contents',
      contents: { documents: { ...documents, journal: [] }, unreadable: [] },
      revision,
    })
    const portion = (from: number) => {
      if (this.#port !== port || this.collection.revision < revision) return
      const entries = journal.slice(from, from + PORTION)
      const complete = from + PORTION >= journal.length
      const now = this.collection.revision
      port.postMessage({ type: 'delta', delta: { documents: [], journal: entries }, revision: now, complete })
      if (!complete) setTimeout(() => portion(from + PORTION), 0)
    }
    portion(0)
  }

  #hear(message: FromWorker): void {
    this.#heardAt = Date.now()
    if (message.type === 'pong') return
    const waiting = this.#waiting.get(message.id)
    if (!waiting) return
    // whatever died over it before, this worker lives and says something
    waiting.deaths = 0
    if (message.type === 'progress') waiting.progress?.(message.progress)
    else if (message.type === 'wants') waiting.wants?.(message.wants)
    else {
      if (message.kept && message.result.ok) waiting.keep?.({ ...message.kept, value: message.result.value })
      if (waiting.session) waiting.answer(message.result, message.revision)
      else this.#settle(message.id, message.result, message.revision)
    }
  }

  /** A worker that was let run out of memory may end without a word. */
  #look(port: Port): void {
    if (this.#waiting.size === 0) this.#heardAt = Date.now()
    else if (Date.now() - this.#heardAt > this.kind.silence) this.#lose(port)
    else port.postMessage({ type: 'ping' })
  }

  /** The worker died: another takes its seat, and what was not answered is asked again, once for each death in silence. */
  #lose(port: Port, message?: string): void {
    if (this.#port !== port) return
    this.#end()
    for (const waiting of [...this.#waiting.values()]) {
      waiting.deaths += 1
      // what was handed over is gone with the worker
      if (waiting.deaths > 1 || waiting.transfer.length)
        this.#settle(waiting.id, failed(`The computation stopped unexpectedly${message ? `: ${message}` : ''}.`))
      else this.#send(waiting)
    }
  }

  /** Ends the worker, and asks another what still waits. */
  #begin(): void {
    this.#end()
    for (const waiting of this.#waiting.values()) this.#send(waiting)
  }

  #end(): void {
    this.#port?.terminate()
    clearInterval(this.#watch)
    this.#port = undefined
  }

  #settle(id: number, result: Result<unknown>, revision = this.collection.revision): void {
    const waiting = this.#waiting.get(id)
    this.#waiting.delete(id)
    waiting?.answer(result, revision)
  }
}

const failed = (message: string): Result<never> => ({ ok: false, error: { code: 'worker-failed', message } })
