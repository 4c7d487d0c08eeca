import { Collection, noContents, type Contents } from '@juxtachrome/core/collection'
import { JobRunner, type FromWorker, type ToWorker } from '@juxtachrome/core/jobs'
import { CoreClient, type ResultStore } from './client'
import type { Port } from './seat'

const tick = () => new Promise<void>((resume) => setTimeout(resume, 0))

/** A worker in this thread: the same runner, and messages by structured clone, as a real one gets them. */
export function localPort(sent: ToWorker[] = []): Port {
  const port: Port = { onmessage: null, onerror: null, terminate: () => undefined, postMessage: () => undefined }
  const runner = new JobRunner((m: FromWorker) => port.onmessage?.({ data: structuredClone(m) }), {
    pause: tick,
    rest: tick,
  })
  port.postMessage = (m) => {
    sent.push(m)
    const copy = structuredClone(m)
    setTimeout(() => runner.hear(copy), 0)
  }
  return port
}

/** A worker that never answers by itself. */
export const silentPort = (sent: ToWorker[] = []): Port => ({
  onmessage: null,
  onerror: null,
  terminate: () => undefined,
  postMessage: (m) => void sent.push(m),
})

/** A client over workers of the given kind, one for each lane, that mirror a collection. */
export function clientOver(
  start: () => Port,
  documents: Partial<Contents['documents']> = {},
  silence?: number,
  store?: ResultStore,
): { client: CoreClient; collection: Collection } {
  const empty = noContents()
  const collection = new Collection({ ...empty, documents: { ...empty.documents, ...documents } })
  return { client: new CoreClient({ start, collection, longWorkers: 1, silence, store }), collection }
}
