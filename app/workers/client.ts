import type { FromWorker, JobName, Jobs, ToWorker } from '@juxtachrome/core/jobs'
import type { Result } from '@juxtachrome/core'
import { plain } from './plain'

/** The part of a Worker that the client needs. */
export interface Port {
  postMessage(message: ToWorker, transfer?: Transferable[]): void
  onmessage: ((event: { data: FromWorker }) => void) | null
  onerror: ((event: { message?: string }) => void) | null
  terminate(): void
}

export interface Asked<N extends JobName> {
  result: Promise<Result<Jobs[N]['value']>>
  cancel(): void
}

interface Waiting {
  progress?: (p: unknown) => void
  done: (result: Result<unknown>) => void
  lane?: string
}

/**
 * Asks a worker to run jobs. Questions in one `lane` replace each other: a newer one cancels the
 * older, whose late answer is dropped. When the worker dies, everyone waiting is told and the next
 * question starts a new one.
 */
export class CoreClient {
  #port: Port | undefined
  #next = 1
  readonly #waiting = new Map<number, Waiting>()
  readonly #start: () => Port

  constructor(start: () => Port) {
    this.#start = start
  }

  ask<N extends JobName>(
    name: N,
    request: Jobs[N]['request'],
    options: { progress?: (p: Jobs[N]['progress']) => void; lane?: string; transfer?: Transferable[] } = {},
  ): Asked<N> {
    const id = this.#next++
    if (options.lane)
      for (const [other, { lane }] of this.#waiting) if (lane === options.lane) this.#cancel(other, 'replaced')
    const result = new Promise<Result<unknown>>((done) => {
      this.#waiting.set(id, { progress: options.progress as Waiting['progress'], done, lane: options.lane })
      try {
        this.#open().postMessage({ type: 'run', id, name, request: plain(request) as unknown }, options.transfer ?? [])
      } catch (error) {
        this.#settle(id, {
          ok: false,
          error: { code: 'worker-failed', message: `The computation could not start: ${String(error)}` },
        })
      }
    })
    return { result: result as Promise<Result<Jobs[N]['value']>>, cancel: () => this.#cancel(id, 'cancelled') }
  }

  #open(): Port {
    if (this.#port) return this.#port
    const port = this.#start()
    port.onmessage = ({ data }) => {
      if (data.type === 'progress') this.#waiting.get(data.id)?.progress?.(data.progress)
      else this.#settle(data.id, data.result)
    }
    port.onerror = (event) => {
      port.terminate()
      this.#port = undefined
      const error = {
        code: 'worker-failed',
        message: `The computation stopped unexpectedly${event.message ? `: ${event.message}` : ''}.`,
      }
      for (const id of [...this.#waiting.keys()]) this.#settle(id, { ok: false, error })
    }
    this.#port = port
    return port
  }

  #cancel(id: number, code: 'cancelled' | 'replaced') {
    if (!this.#waiting.has(id)) return
    this.#port?.postMessage({ type: 'cancel', id })
    this.#settle(id, {
      ok: false,
      error: { code, message: code === 'cancelled' ? 'Cancelled.' : 'Replaced by a newer question.' },
    })
  }

  #settle(id: number, result: Result<unknown>) {
    const waiting = this.#waiting.get(id)
    this.#waiting.delete(id)
    waiting?.done(result)
  }
}

let client: CoreClient | undefined
/** The application's one client. */
export function coreClient(): CoreClient {
  client ??= new CoreClient(
    () => new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' }) as unknown as Port,
  )
  return client
}
