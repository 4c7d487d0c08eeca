import { isDay, KIND_NAMES, loadDocument } from '@juxtachrome/core/documents'
import { writeCollection } from '@juxtachrome/core/formats'
import * as z from 'zod'
import { buildDemo } from '../demo/build'

const Query = z.object({ today: z.string().refine(isDay, 'today must be a day such as 2026-05-14') })

/** The demo collection as a collection file, its dates counted back from `today`. */
export default defineEventHandler((event) => {
  const query = Query.safeParse(getQuery(event))
  if (!query.success)
    throw createError({ statusCode: 400, statusMessage: query.error.issues[0]?.message ?? 'today is missing' })
  const documents = buildDemo(query.data.today)
  for (const kind of KIND_NAMES)
    for (const document of documents[kind]) {
      const checked = loadDocument(kind, document)
      if (!checked.ok)
        throw createError({ statusCode: 500, statusMessage: `The demo is broken: ${checked.error.message}` })
    }
  setHeader(event, 'content-type', 'application/json')
  return writeCollection({ documents, unreadable: [] }, `${query.data.today}T09:00:00.000Z`)
})
