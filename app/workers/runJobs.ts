import { RUNNERS, type FromWorker, type JobName, type ToWorker } from '@juxtachrome/core/jobs'

/** How long a job runs before the worker looks for messages, ms. */
const SLICE = 12

/** Runs jobs step by step, so that a cancel is heard between two steps. Errors leave as data. */
export function createRunner(send: (message: FromWorker) => void, pause: () => Promise<void>) {
  const cancelled = new Set<number>()

  async function run(id: number, name: JobName, request: unknown) {
    try {
      const run = (await RUNNERS[name]()) as (r: unknown) => Generator<unknown, unknown>
      const running = run(request)
      let sliceEnds = performance.now() + SLICE
      for (;;) {
        const step = running.next()
        if (step.done) return send({ type: 'done', id, result: step.value as never })
        if (performance.now() < sliceEnds) continue
        send({ type: 'progress', id, progress: step.value })
        await pause()
        if (cancelled.delete(id))
          return send({ type: 'done', id, result: { ok: false, error: { code: 'cancelled', message: 'Cancelled.' } } })
        sliceEnds = performance.now() + SLICE
      }
    } catch (error) {
      send({
        type: 'done',
        id,
        result: {
          ok: false,
          error: {
            code: 'job-failed',
            message: `The computation failed: ${error instanceof Error ? error.message : String(error)}`,
          },
        },
      })
    }
  }

  return (message: ToWorker) => {
    if (message.type === 'cancel') cancelled.add(message.id)
    else void run(message.id, message.name, message.request).finally(() => cancelled.delete(message.id))
  }
}
