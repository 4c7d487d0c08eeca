import type { ToWorker } from '@juxtachrome/core/jobs'
import { createRunner } from './runJobs'

const channel = new MessageChannel()
const pause = () =>
  new Promise<void>((resume) => {
    channel.port1.onmessage = () => resume()
    channel.port2.postMessage(null)
  })

const hear = createRunner((message) => self.postMessage(message), pause)
self.onmessage = (event: MessageEvent<ToWorker>) => hear(event.data)
