import { Guide } from '@juxtachrome/core/documents'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { saveFile } from './useExport'

const FORMAT = 'juxtachrome-guides'
const MOST = 200

/** Guides as a file of their own, to be shared. */
export const guidesAsText = (guides: readonly Guide[]): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, guides }, undefined, 1)}\n`
export const saveGuides = (guides: readonly Guide[]): void =>
  saveFile('juxtachrome-guides.json', guidesAsText(guides), 'application/json')

/** Reads a file of guides. Errors: `not-guides`, `from-newer-version`. */
export function readGuides(text: string): Result<Guide[]> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return fail('not-guides', 'That is no file of guides: it is not JSON.')
  }
  const file = raw as { format?: unknown; version?: unknown; guides?: unknown } | null
  if (file?.format !== FORMAT || !Array.isArray(file.guides))
    return fail('not-guides', 'That is no file of guides. A whole collection is imported under Data.')
  if (file.version !== 1)
    return fail('from-newer-version', 'The guides come from a newer Juxtachrome. Nothing was changed.')
  const guides: Guide[] = []
  for (const [i, one] of file.guides.slice(0, MOST).entries()) {
    const read = Guide.safeParse(one)
    if (!read.success)
      return fail('not-guides', `Guide ${i + 1} cannot be read: ${read.error.issues[0]?.message ?? ''}`)
    guides.push(read.data)
  }
  return guides.length ? ok(guides) : fail('not-guides', 'The file holds no guide.')
}
