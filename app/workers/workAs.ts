import { JobRunner, type Tools, type ToWorker } from '@juxtachrome/core/jobs'

/** Makes this thread a worker that runs jobs, with the tools that it has. */
export function workAs(tools: Tools = {}): void {
  // lets messages come in; several jobs may wait at once
  const channel = new MessageChannel()
  const resumes: (() => void)[] = []
  channel.port1.onmessage = () => resumes.shift()?.()
  const pause = () =>
    new Promise<void>((resume) => {
      resumes.push(resume)
      channel.port2.postMessage(null)
    })
  const rest = (ms: number) => new Promise<void>((resume) => setTimeout(resume, ms))
  const runner = new JobRunner(
    (message, transfer = []) => self.postMessage(message, { transfer }),
    { pause, rest },
    tools,
  )
  self.onmessage = (event: MessageEvent<ToWorker>) => runner.hear(event.data)
}
