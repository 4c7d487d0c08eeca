import { loadOfAnyKind, wordOf, type Contents, type Unreadable } from '../collection/contents'
import { fail, ok, type Result } from '../result'
import { isRecord } from '../documents/isRecord'
import { keepable } from './deepRaw'
import { KIND_NAMES, noDocuments, type Documents, type KindName } from '../documents/kinds'

export const FILE_FORMAT = 'juxtachrome-collection'
/** 2: recipes came in. 3: pans, and a journal that names vessels. 4: paintings, needs, shops and purchases. */
export const FILE_SCHEMA = 5

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
 * Errors: `empty-file`, `not-json`, `not-a-collection`, `from-newer-version`, `twice-the-same-id`.
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
  const of = Object.values(tables).reduce<number>((n, rows) => n + (Array.isArray(rows) ? rows.length : 0), 0)
  let done = 0
  for (const [kind, rows] of Object.entries(tables)) {
    if (!Array.isArray(rows)) return fail('not-a-collection', `“${kind.slice(0, 40)}” is not a list.`)
    const ids = new Set<string>()
    for (const raw of rows as unknown[]) {
      const loaded = loadOfAnyKind(kind, raw)
      if (!loaded.ok) unreadable.push({ kind, raw: keepable(raw), problem: loaded.error })
      else if (ids.has(loaded.value.id))
        return fail(
          'twice-the-same-id',
          `Two ${wordOf(kind)} documents have the id ${loaded.value.id}. Nothing was changed.`,
          loaded.value.id,
        )
      else {
        ids.add(loaded.value.id)
        ;(documents[kind as KindName] as unknown[]).push(loaded.value)
      }
      if (++done % 2000 === 0) yield { done, of }
    }
  }
  takeUp(before, documents, unreadable)
  setCorrectionsOfCorrectionsAside(documents, unreadable)
  return ok({ documents, unreadable })
}

/** What another version could not read may be readable here; what is there already is not displaced by it. */
function takeUp(before: readonly unknown[], documents: Documents, unreadable: Unreadable[]): void {
  for (const entry of before) {
    if (!isRecord(entry) || typeof entry.kind !== 'string') continue
    const { kind, raw } = entry
    const loaded = loadOfAnyKind(kind, raw)
    if (!loaded.ok) unreadable.push({ kind, raw: keepable(raw), problem: loaded.error })
    else {
      const list = documents[kind as KindName] as { id: string }[]
      const isThere = list.some((d) => d.id === loaded.value.id)
      if (isThere)
        unreadable.push({ kind, raw: keepable(raw), problem: fail('twice-the-same-id', 'Another has this id.').error })
      else list.push(loaded.value)
    }
  }
}

/** A correction names an event. One that names a correction means nothing; it is kept, but counts for nothing. */
function setCorrectionsOfCorrectionsAside(documents: Documents, unreadable: Unreadable[]): void {
  const corrections = new Set(documents.journal.filter((e) => e.type === 'correction').map((e) => e.id))
  documents.journal = documents.journal.filter((entry) => {
    if (entry.type !== 'correction' || !corrections.has(entry.corrects)) return true
    const { error } = fail('broken-correction', `Journal entry ${entry.id} corrects a correction.`, entry.id)
    unreadable.push({ kind: 'journal', raw: entry, problem: error })
    return false
  })
}
