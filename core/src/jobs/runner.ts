import { Collection } from '../collection/collection'
import { noContents } from '../collection/contents'
import type { Applied } from '../collection/writeSet'
import { fail, ok, type Result } from '../result'
import { JOBS } from './registry'
import type { Job } from './job'
import type { FromWorker, ToWorker } from './messages'

/** How long a job runs before the worker looks for messages, ms. */
const SLICE = 12

type AnyJob = Job<unknown, unknown, unknown>

interface Open {
  job: AnyJob
  request: unknown
  session: boolean
  /** Counts the runs of this question: a run that is no longer the latest stops. */
  run: number
  /** Everything was put in anew since it was answered. */
  outdated?: boolean
}

/**
 * What a worker does: it mirrors the collection and runs jobs over it, step by step, so that a cancel and a
 * change are heard between two steps. Errors leave as data.
 */
export class JobRunner {
  #mirror = new Collection()
  #revision = 0
  #complete = false
  #waiting: (() => void)[] = []
  readonly #open = new Map<number, Open>()
  readonly #closed = new Set<number>()

  constructor(
    readonly send: (message: FromWorker) => void,
    /** Lets messages come in. */
    readonly pause: () => Promise<void>,
    /** Waits so long, ms. */
    readonly rest: (ms: number) => Promise<void>,
    readonly clock: () => number = () => performance.now(),
  ) {}

  hear(message: ToWorker): void {
    switch (message.type) {
      case 'contents':
        this.#mirror = new Collection(message.contents ?? noContents())
        this.#revision = message.revision
        this.#complete = false
        for (const open of this.#open.values()) open.outdated = open.session
        return
      case 'delta':
        return this.#follow(message)
      case 'ask':
        void this.#ask(message)
        return
      case 'close':
        if (!this.#open.delete(message.id)) this.#closed.add(message.id)
        return
      case 'ping':
        return this.send({ type: 'pong' })
    }
  }

  #follow({ delta, revision, complete }: Extract<ToWorker, { type: 'delta' }>): void {
    const applied = this.#mirror.take(delta, 'user')
    this.#revision = revision
    if (complete) {
      this.#complete = true
      for (const go of this.#waiting.splice(0)) go()
    }
    for (const [id, open] of this.#open) if (open.outdated || this.#concerns(open, applied)) void this.#run(id, open)
  }

  #concerns({ job, request, session }: Open, applied: Applied): boolean {
    return session && (job.concerns?.(applied, request, this.#mirror) ?? false)
  }

  async #ask({ id, name, request, session }: Extract<ToWorker, { type: 'ask' }>): Promise<void> {
    try {
      const job = (await JOBS[name].load()) as unknown as AnyJob
      if (job.readsJournal && !this.#complete) await new Promise<void>((go) => this.#waiting.push(go))
      if (this.#closed.delete(id)) return
      const open: Open = { job, request, session, run: 0 }
      this.#open.set(id, open)
      await this.#run(id, open)
    } catch (error) {
      this.#answer(id, failed(error))
    }
  }

  async #run(id: number, open: Open): Promise<void> {
    const run = (open.run += 1)
    open.outdated = false
    const stands = () => this.#open.get(id) === open && open.run === run
    try {
      const result = await this.#steps(id, open, stands)
      if (result && stands()) this.#answer(id, result)
    } catch (error) {
      if (stands()) this.#answer(id, failed(error))
    }
    if (stands() && !open.session) this.#open.delete(id)
  }

  /** Runs a question to its end; undefined when it was closed or begun anew on the way. */
  async #steps(id: number, open: Open, stands: () => boolean): Promise<Result<unknown> | undefined> {
    const { job, request } = open
    const ready = job.first ? await job.first(request) : ok(request)
    if (!ready.ok) return ready
    if (!stands()) return undefined
    const steps = job.run(ready.value, this.#mirror)
    let sliceEnds = this.clock() + SLICE
    let told: unknown
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      const news = job.news?.(step.value)
      const late = this.clock() >= sliceEnds
      if (late || (news !== undefined && news !== told)) this.send({ type: 'progress', id, progress: step.value })
      if (news !== undefined) told = news
      const rest = job.rests?.(step.value, open.run)
      if (!late && rest === undefined) continue
      await (rest === undefined ? this.pause() : this.rest(rest))
      if (!stands()) return undefined
      sliceEnds = this.clock() + SLICE
    }
  }

  #answer(id: number, result: Result<unknown>): void {
    this.send({ type: 'answer', id, revision: this.#revision, result })
  }
}

const failed = (error: unknown) =>
  fail('job-failed', `The computation failed: ${error instanceof Error ? error.message : String(error)}`)
