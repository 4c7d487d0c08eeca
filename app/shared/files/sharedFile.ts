import { readFormat } from '@juxtachrome/core/formats'
import { fail, ok, type Result } from '@juxtachrome/core/result'

interface Shared<T> {
  /** `guides`: the name of the list in the file. */
  list: string
  /** What it holds in messages, `methods`, where that is not the name of the list; one of them is a `Method`. */
  many?: string
  one: string
  most: number
  read(raw: unknown): { ok: true; value: T } | { ok: false; why: string }
}

/** The list of a file that somebody shared, one of `format` version 1. Errors: `not-LIST`, `from-newer-version`. */
export function readSharedFile<T>(
  text: string,
  format: string,
  { list, many = list, one, most, read }: Shared<T>,
): Result<T[]> {
  const not = `not-${list}`
  const what = `file of ${many}`
  const otherwise = 'A whole collection is imported under Data.'
  const file = readFormat(text, { format, code: not, what, otherwise })
  if (!file.ok) return file
  const rows = file.value[list]
  if (!Array.isArray(rows)) return fail(not, `That is no ${what}. ${otherwise}`)
  const values: T[] = []
  for (const [i, row] of rows.slice(0, most).entries()) {
    const value = read(row)
    if (!value.ok) return fail(not, `${one} ${i + 1} cannot be read: ${value.why}`)
    values.push(value.value)
  }
  return values.length ? ok(values) : fail(not, `The file holds no ${one.toLowerCase()}.`)
}
