import type { Problem, Result } from '@juxtachrome/core/result'
import type { Applied, Collection } from '@juxtachrome/core/collection'
import type { FromWorker, JobName, ToWorker } from '@juxtachrome/core/jobs'

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
  progress?: (progress: unknown) => void
  answer: (result: Result<unknown>, revision: number) => void
}
interface Waiting extends Question {
  /** Asked a second time after a worker died. */
  again: boolean
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
    readonly start: () => Port,
    readonly collection: Collection,
    readonly silence: number,
  ) {}

  get busy(): number {
    return this.#waiting.size
  }

  ask(question: Question): void {
    if (this.#waiting.size === 0) this.#heardAt = Date.now()
    this.#waiting.set(question.id, { ...question, again: false })
    this.#send(question)
  }

  /** Ends a question; a job's asker is told why, a session's is not asked any more. */
  close(id: number, why?: Problem): void {
    const waiting = this.#waiting.get(id)
    if (!waiting) return
    this.#waiting.delete(id)
    this.#port?.postMessage({ type: 'close', id })
    if (why && !waiting.session) waiting.answer({ ok: false, error: why }, this.collection.revision)
  }

  get isStarted(): boolean {
    return this.#port !== undefined
  }

  /** Tells the worker what changed, if there is one; the delta is plain, fit to cross. */
  follow({ whole, delta, revision }: Applied): void {
    if (!this.#port) return
    if (whole) this.#mirror(this.#port)
    else this.#port.postMessage({ type: 'delta', delta, revision })
  }

  #send({ id, name, request, session, transfer }: Question): void {
    try {
      this.#open().postMessage({ type: 'ask', id, name, request, session }, transfer)
    } catch (error) {
      this.#settle(id, failed(`The computation could not start: ${String(error)}`))
    }
  }

  #open(): Port {
    if (this.#port) return this.#port
    const port = this.start()
    this.#port = port
    this.#heardAt = Date.now()
    port.onmessage = ({ data }) => this.#hear(data)
    port.onerror = (event) => this.#lose(port, event.message)
    this.#watch = setInterval(() => this.#look(port), this.silence / 4)
    this.#mirror(port)
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
    if (message.type === 'progress') waiting?.progress?.(message.progress)
    else if (waiting?.session) waiting.answer(message.result, message.revision)
    else this.#settle(message.id, message.result, message.revision)
  }

  /** A worker that was let run out of memory may end without a word. */
  #look(port: Port): void {
    if (this.#waiting.size === 0) this.#heardAt = Date.now()
    else if (Date.now() - this.#heardAt > this.silence) this.#lose(port)
    else port.postMessage({ type: 'ping' })
  }

  /** The worker died: another takes its seat and is asked again what was not answered, once. */
  #lose(port: Port, message?: string): void {
    if (this.#port !== port) return
    port.terminate()
    clearInterval(this.#watch)
    this.#port = undefined
    const left = [...this.#waiting.values()]
    for (const waiting of left) {
      // what was handed over is gone with the worker
      if (waiting.again || waiting.transfer.length)
        this.#settle(waiting.id, failed(`The computation stopped unexpectedly${message ? `: ${message}` : ''}.`))
      else {
        waiting.again = true
        this.#send(waiting)
      }
    }
  }

  #settle(id: number, result: Result<unknown>, revision = this.collection.revision): void {
    const waiting = this.#waiting.get(id)
    this.#waiting.delete(id)
    waiting?.answer(result, revision)
  }
}

const failed = (message: string): Result<never> => ({ ok: false, error: { code: 'worker-failed', message } })
