import { fail, ok, type Result } from '@juxtachrome/core/result'

interface Shared<T> {
  /** `guides`: the name of the list in the file, and of what it holds in messages; one of them is a `Guide`. */
  list: string
  one: string
  most: number
  read(raw: unknown): { ok: true; value: T } | { ok: false; why: string }
}

/** The list of a file that somebody shared, one of `format` version 1. Errors: `not-LIST`, `from-newer-version`. */
export function readSharedFile<T>(text: string, format: string, { list, one, most, read }: Shared<T>): Result<T[]> {
  const not = `not-${list}`
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return fail(not, `That is no file of ${list}: it is not JSON.`)
  }
  const file = raw as Record<string, unknown> | null
  const rows = file?.[list]
  if (file?.format !== format || !Array.isArray(rows))
    return fail(not, `That is no file of ${list}. A whole collection is imported under Data.`)
  if (file.version !== 1)
    return fail('from-newer-version', `The ${list} come from a newer Juxtachrome. Nothing was changed.`)
  const values: T[] = []
  for (const [i, row] of rows.slice(0, most).entries()) {
    const value = read(row)
    if (!value.ok) return fail(not, `${one} ${i + 1} cannot be read: ${value.why}`)
    values.push(value.value)
  }
  return values.length ? ok(values) : fail(not, `The file holds no ${one.toLowerCase()}.`)
}
