import { Holder } from '@juxtachrome/core/documents'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { asHolder } from '~/commands/boxes'
import { saveFile } from './useExport'

const FORMAT = 'juxtachrome-boxes'
const MOST = 100

/** Boxes as a file of their own, to be shared. */
export const boxesAsText = (boxes: readonly Holder[]): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, boxes: boxes.map(asHolder) }, undefined, 1)}\n`
export const saveBoxes = (boxes: readonly Holder[]): void =>
  saveFile('juxtachrome-boxes.json', boxesAsText(boxes), 'application/json')

/** Reads a file of boxes. Errors: `not-boxes`, `from-newer-version`. */
export function readBoxes(text: string): Result<Holder[]> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return fail('not-boxes', 'That is no file of boxes: it is not JSON.')
  }
  const file = raw as { format?: unknown; version?: unknown; boxes?: unknown } | null
  if (file?.format !== FORMAT || !Array.isArray(file.boxes))
    return fail('not-boxes', 'That is no file of boxes. A whole collection is imported under Data.')
  if (file.version !== 1)
    return fail('from-newer-version', 'The boxes come from a newer Juxtachrome. Nothing was changed.')
  const boxes: Holder[] = []
  for (const [i, one] of file.boxes.slice(0, MOST).entries()) {
    const read = Holder.safeParse(one)
    if (!read.success) return fail('not-boxes', `Box ${i + 1} cannot be read: ${read.error.issues[0]?.message ?? ''}`)
    if (new Set(read.data.places.map((p) => p.id)).size < read.data.places.length)
      return fail('not-boxes', `Box ${i + 1} cannot be read: two of its places have one name.`)
    boxes.push(read.data)
  }
  return boxes.length ? ok(boxes) : fail('not-boxes', 'The file holds no box.')
}
