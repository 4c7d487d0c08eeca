import type { Contents, Unreadable } from '../collection/contents'
import { fail, ok, type Problem, type Result } from '../result'
import { isRecord } from '../documents/isRecord'
import { loadDocument } from '../documents/load'
import { KIND_NAMES, KINDS, noDocuments, type Documents, type KindName } from '../documents/kinds'

export const FILE_FORMAT = 'juxtachrome-collection'
/** 2: recipes came in. */
export const FILE_SCHEMA = 2

/**
 * Everything as one JSON text, with a schema version, sorted by id and by field, so that the same collection
 * always gives the same bytes but for `written`. Documents that could not be read go along as found.
 */
export function writeCollection({ documents, unreadable }: Contents, written: string): string {
  const sorted = Object.fromEntries(KIND_NAMES.map((k) => [k, byId(documents[k])]))
  const kept = unreadable.map(({ kind, raw }) => ({ kind, raw }))
  return `${JSON.stringify({ format: FILE_FORMAT, schema: FILE_SCHEMA, written, documents: sorted, unreadable: kept }, inFieldOrder, 1)}\n`
}

/** A replacer that writes the fields of records in alphabetical order, but for the file's own. */
function inFieldOrder(this: unknown, key: string, value: unknown): unknown {
  if (key === '' || !isRecord(value)) return value
  return Object.fromEntries(Object.entries(value).sort(([p], [q]) => (p < q ? -1 : 1)))
}

const byId = (list: readonly { id: string }[]) => [...list].sort((p, q) => (p.id < q.id ? -1 : p.id > q.id ? 1 : 0))

export type ReadProgress = { done: number; of: number }

/**
 * Reads a collection file. All or nothing per file: a file that is not ours, newer, or inconsistent
 * is refused whole; single documents that fail are returned in `unreadable` with the reason.
 * Yields progress every few thousand documents.
 *
 * Errors: `empty-file`, `not-json`, `not-a-collection`, `from-newer-version`, `twice-the-same-id`, `broken-correction`.
 */
export function* readCollection(text: string): Generator<ReadProgress, Result<Contents>> {
  if (text.trim() === '') return fail('empty-file', 'The file is empty.')
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return fail(
      'not-json',
      text.includes('\u0000')
        ? 'This is not a text file.'
        : 'The file is not valid JSON: it may be cut short or of another kind.',
    )
  }
  if (!isRecord(raw) || raw.format !== FILE_FORMAT)
    return fail('not-a-collection', 'This is JSON, but not a Juxtachrome collection.')
  if (typeof raw.schema !== 'number' || raw.schema > FILE_SCHEMA)
    return fail(
      'from-newer-version',
      `The file has schema ${String(raw.schema).slice(0, 20)}; this Juxtachrome reads up to ${FILE_SCHEMA}. Nothing was changed.`,
    )
  if (!isRecord(raw.documents)) return fail('not-a-collection', 'The file holds no documents.')
  return yield* readDocuments(raw.documents, Array.isArray(raw.unreadable) ? raw.unreadable : [])
}

function* readDocuments(tables: Record<string, unknown>, before: unknown[]): Generator<ReadProgress, Result<Contents>> {
  const documents = noDocuments()
  const unreadable: Unreadable[] = []
  const of = KIND_NAMES.reduce((n, k) => n + (Array.isArray(tables[k]) ? (tables[k] as unknown[]).length : 0), 0)
  let done = 0
  for (const kind of KIND_NAMES) {
    const rows = tables[kind] ?? []
    if (!Array.isArray(rows)) return fail('not-a-collection', `“${kind}” is not a list.`)
    const ids = new Set<string>()
    for (const row of rows) {
      const loaded = loadDocument(kind, row)
      if (loaded.ok) {
        if (ids.has(loaded.value.id))
          return fail(
            'twice-the-same-id',
            `Two ${KINDS[kind].word} documents have the id ${loaded.value.id}. Nothing was changed.`,
            loaded.value.id,
          )
        ids.add(loaded.value.id)
        ;(documents[kind] as unknown[]).push(loaded.value)
      } else unreadable.push({ kind, raw: row, problem: loaded.error })
      if (++done % 2000 === 0) yield { done, of }
    }
  }
  for (const entry of before) {
    if (!isRecord(entry) || !KIND_NAMES.includes(entry.kind as KindName)) continue
    const kind = entry.kind as KindName
    const loaded = loadDocument(kind, entry.raw)
    if (loaded.ok) (documents[kind] as unknown[]).push(loaded.value)
    else unreadable.push({ kind, raw: entry.raw, problem: loaded.error })
  }
  const broken = brokenCorrection(documents)
  return broken ? { ok: false, error: broken } : ok({ documents, unreadable })
}

/** A correction must name an event: chains and rings of corrections have no meaning. */
function brokenCorrection({ journal }: Documents): Problem | undefined {
  const types = new Map(journal.map((e) => [e.id, e.type]))
  for (const entry of journal) {
    if (entry.type !== 'correction' || types.get(entry.corrects) !== 'correction') continue
    return {
      code: 'broken-correction',
      message: `Journal entry ${entry.id} corrects a correction. Nothing was changed.`,
      where: entry.id,
    }
  }
  return undefined
}
