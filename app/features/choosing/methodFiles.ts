import { Guide } from '@juxtachrome/core/documents'
import type { Result } from '@juxtachrome/core/result'
import { readSharedFile } from '~/shared/files/sharedFile'
import { saveFile } from '~/shared/files/saveFile'

const FORMAT = 'juxtachrome-guides'
const MOST = 200

/** Guides as a file of their own, to be shared. */
export const guidesAsText = (guides: readonly Guide[]): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, guides }, undefined, 1)}\n`
export const saveMethods = (guides: readonly Guide[]): void =>
  saveFile('juxtachrome-guides.json', guidesAsText(guides), 'application/json')

/** Reads a file of methods. Errors: `not-guides`, `from-newer-version`. */
export const readMethods = (text: string): Result<Guide[]> =>
  readSharedFile(text, FORMAT, {
    list: 'guides',
    many: 'methods',
    one: 'Method',
    most: MOST,
    read(raw) {
      const read = Guide.safeParse(raw)
      if (!read.success) return { ok: false, why: read.error.issues[0]?.message ?? '' }
      return { ok: true, value: read.data }
    },
  })
