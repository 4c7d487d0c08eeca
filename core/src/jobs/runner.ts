import { Collection } from '../collection/collection'
import { keyOfHeld } from '../collection/keys'
import { JournalToCome } from '../collection/reading'
import { Rests } from '../collection/rests'
import { holdParts, whenHeld } from '../reach/heldIndexes'
import { fail, ok, type Result } from '../result'
import type { IndexWanted, Job } from './job'
import { holds, printsOf, type Kept } from './kept'
import type { FromWorker, ToWorker } from './messages'
import { JOBS } from './registry'
import type { Tools } from './tools'

/** How long a job runs before the worker looks for messages, ms. */
const SLICE = 12

type AnyJob = Job<unknown, unknown, unknown>

/** A question that is worked on, or a session that stays open. */
interface Open {
  job: AnyJob
  request: unknown
  session: boolean
  /** Counts the runs of this question: a run that is no longer the latest stops. */
  run: number
  /** What its latest run has read. */
  rests: Rests
  /** The indexes that it asked for last. */
  wanted: string
}

/** How a worker lets others have their turn. */
export interface Pace {
  /** Lets messages come in. */
  pause: () => Promise<void>
  /** Waits so long, ms. */
  rest: (ms: number) => Promise<void>
  clock?: () => number
}

/**
 * What a worker does: it mirrors the collection and runs jobs over it, step by step, so that a cancel and a change are
 * heard between two steps. What a job reads is noted; a session is run again when any of that changed. Errors leave as
 * data.
 */
export class JobRunner {
  readonly #mirror = new Collection()
  #revision = 0
  #waiting: (() => void)[] = []
  readonly #open = new Map<number, Open>()
  readonly #closed = new Set<number>()
  readonly #clock: () => number

  constructor(
    readonly send: (message: FromWorker, handed?: ArrayBuffer[]) => void,
    readonly pace: Pace,
    readonly tools: Tools = {},
  ) {
    this.#mirror.awaitsJournal = true
    this.#clock = pace.clock ?? (() => performance.now())
    // whoever looked for an index in vain looks again when it came in, or when another job made it
    whenHeld((key) => {
      this.#mirror.touch(keyOfHeld(key))
      queueMicrotask(() => this.#runChanged())
    })
  }

  hear(message: ToWorker): void {
    switch (message.type) {
      case 'contents':
        this.#mirror.awaitsJournal = true
        this.#mirror.replace(message.contents)
        this.#revision = message.revision
        return
      case 'delta':
        return this.#follow(message)
      case 'ask':
        void this.#ask(message)
        return
      case 'close':
        if (!this.#open.delete(message.id)) this.#closed.add(message.id)
        return
      case 'hold':
        holdParts(message.parts)
        return
      case 'ping':
        return this.send({ type: 'pong' })
    }
  }

  #follow({ delta, revision, complete }: Extract<ToWorker, { type: 'delta' }>): void {
    this.#mirror.take(delta, 'user')
    this.#revision = revision
    if (complete) {
      this.#mirror.awaitsJournal = false
      for (const go of this.#waiting.splice(0)) go()
    }
    this.#runChanged()
  }

  /** Sessions of which something that they read is another now. */
  #runChanged(): void {
    for (const [id, open] of this.#open)
      if (open.session && open.rests.haveChanged(this.#mirror)) void this.#run(id, open)
  }

  async #ask({ id, name, request, session, kept }: Extract<ToWorker, { type: 'ask' }>): Promise<void> {
    try {
      const job = (await JOBS[name].load()) as unknown as AnyJob
      if (this.#closed.delete(id)) return
      const open: Open = { job, request, session, run: 0, rests: new Rests(), wanted: '' }
      this.#open.set(id, open)
      if (kept && this.#takeUp(id, open, kept)) return
      await this.#run(id, open)
    } catch (error) {
      this.#answer(id, failed(error))
    }
  }

  /** An answer of an earlier visit holds: it rests on what it rested on then. */
  #takeUp(id: number, open: Open, kept: Kept): boolean {
    if (this.#mirror.awaitsJournal && kept.prints.some(([key]) => /^(journal|account|places)\b/.test(key))) return false
    if (!holds(this.#mirror, kept)) return false
    const reading = open.rests.reading(this.#mirror)
    for (const [key] of kept.prints) reading.note(key)
    this.#answer(id, ok(kept.value))
    if (!open.session) this.#open.delete(id)
    return true
  }

  async #run(id: number, open: Open): Promise<void> {
    const run = (open.run += 1)
    open.rests = new Rests()
    const stands = () => this.#open.get(id) === open && open.run === run
    try {
      const result = await this.#steps(id, open, stands)
      if (result && stands()) this.#conclude(id, open, result)
    } catch (error) {
      if (!stands()) return
      if (error instanceof JournalToCome) {
        await new Promise<void>((go) => this.#waiting.push(go))
        return stands() ? this.#run(id, open) : undefined
      }
      this.#answer(id, failed(error))
    }
    if (stands() && !open.session) this.#open.delete(id)
  }

  #conclude(id: number, open: Open, result: Result<unknown>): void {
    const { job, rests } = open
    if (result.ok) this.#want(id, open, job.wants?.(result.value))
    const isKept = open.session && result.ok && job.keeps?.(result.value)
    const kept = isKept ? { prints: printsOf(this.#mirror, rests.keys()), value: null } : undefined
    this.#answer(id, result, kept, result.ok ? job.hands?.(result.value) : undefined)
  }

  /** Runs a question to its end; undefined when it was closed or begun anew on the way. */
  async #steps(id: number, open: Open, stands: () => boolean): Promise<Result<unknown> | undefined> {
    const { job, request } = open
    const ready = job.first ? await job.first(request, this.tools) : ok(request)
    if (!ready.ok) return ready
    if (!stands()) return undefined
    if (job.work) {
      const tell = async (progress: unknown, rest?: number) => {
        this.send({ type: 'progress', id, progress })
        await (rest === undefined ? this.pace.pause() : this.pace.rest(rest))
        if (!stands()) throw new Error('closed')
      }
      return job.work(ready.value, this.tools, tell)
    }
    const steps = job.run(ready.value, open.rests.reading(this.#mirror))
    let sliceEnds = this.#clock() + SLICE
    let told: unknown
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      const news = job.news?.(step.value)
      const late = this.#clock() >= sliceEnds
      if (late || (news !== undefined && news !== told)) this.send({ type: 'progress', id, progress: step.value })
      if (news !== undefined) told = news
      this.#want(id, open, job.wants?.(step.value))
      const rest = job.rests?.(step.value, open.run)
      if (!late && rest === undefined) continue
      await (rest === undefined ? this.pace.pause() : this.pace.rest(rest))
      if (!stands()) return undefined
      sliceEnds = this.#clock() + SLICE
    }
  }

  /** Asks the pool for indexes, once for the same ones. */
  #want(id: number, open: Open, wants: readonly IndexWanted[] | undefined): void {
    if (!wants) return
    const wanted = wants.map((w) => w.key).join('\n')
    if (wanted !== open.wanted && wants.length) this.send({ type: 'wants', id, wants })
    open.wanted = wanted
  }

  #answer(id: number, result: Result<unknown>, kept?: Kept, handed?: ArrayBuffer[]): void {
    this.send({ type: 'answer', id, revision: this.#revision, result, ...(kept ? { kept } : {}) }, handed)
  }
}

const failed = (error: unknown) =>
  fail('job-failed', `The computation failed: ${error instanceof Error ? error.message : String(error)}`)
