import type { Result } from '@juxtachrome/core/result'
import { KIND_NAMES, noDocuments } from '@juxtachrome/core/documents'
import type { CollectionFile } from '@juxtachrome/core/formats'
import { useCore } from '~/shared/questions/useCore'

/** Reads a collection file in a worker. Errors: those of core's `readCollectionFile`, and `replaced` when it was cancelled. */
export function readCollectionFile(
  file: Blob,
  progress: (done: number, of: number) => void = () => undefined,
): { result: Promise<Result<CollectionFile>>; cancel: () => void } {
  const documents = noDocuments()
  const asked = useCore().ask(
    'readCollection',
    { file },
    {
      topic: 'collection',
      progress: ({ done, of, documents: portion }) => {
        progress(done, of)
        if (!portion) return
        for (const kind of KIND_NAMES) {
          const all = documents[kind] as unknown[]
          for (const document of portion[kind]) all.push(document)
        }
      },
    },
  )
  const result = asked.result.then((read) =>
    read.ok ? { ok: true as const, value: { documents, ...read.value } } : read,
  )
  return { result, cancel: asked.cancel }
}
