import { KIND_NAMES, loadDocument } from '@juxtachrome/core/documents'
import { writeCollection } from '@juxtachrome/core/formats'
import { buildDemo } from './build'

/** The demo collection as a collection file, its dates counted back from a day. Throws where the demo is broken. */
export function demoFile(today: string): string {
  const documents = buildDemo(today)
  for (const kind of KIND_NAMES)
    for (const document of documents[kind]) {
      const checked = loadDocument(kind, document)
      if (!checked.ok)
        throw createError({ statusCode: 500, statusMessage: `The demo is broken: ${checked.error.message}` })
    }
  return writeCollection({ documents, unreadable: [] }, `${today}T09:00:00.000Z`)
}
