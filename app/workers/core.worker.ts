import { JobRunner, type ToWorker } from '@juxtachrome/core/jobs'

/** Lets messages come in; several jobs may wait at once. */
const channel = new MessageChannel()
const resumes: (() => void)[] = []
channel.port1.onmessage = () => resumes.shift()?.()
function pause(): Promise<void> {
  return new Promise((resume) => {
    resumes.push(resume)
    channel.port2.postMessage(null)
  })
}

const rest = (ms: number) => new Promise<void>((resume) => setTimeout(resume, ms))
const runner = new JobRunner((message) => self.postMessage(message), pause, rest)
self.onmessage = (event: MessageEvent<ToWorker>) => runner.hear(event.data)
