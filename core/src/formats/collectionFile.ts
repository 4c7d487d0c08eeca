import { loadOfAnyKind, wordOf, type Contents, type Unreadable } from '../collection/contents'
import { Stamp, Writer, type Stamps } from '../exchange'
import { fail, ok, type Result } from '../result'
import { isRecord } from '../documents/isRecord'
import { keepable } from './deepRaw'
import { KIND_NAMES, noDocuments, type Documents, type KindName } from '../documents/kinds'

export const FILE_FORMAT = 'juxtachrome-collection'
/** 2: recipes came in. 3: pans, and a journal that names vessels. 4: paintings, needs, shops and purchases. 9: who wrote what. */
export const FILE_SCHEMA = 9

/** Characters of a piece, about. */
const PIECE = 500_000

/**
 * Everything as one JSON text, with a schema version, sorted by id and by field, a document a line, so that the same
 * collection always gives the same bytes but for `written`. Documents that could not be read go along as found. In
 * pieces of about half a million characters: a large collection is longer than a single text can be.
 */
export function* collectionPieces({ documents, unreadable }: Contents, written: string): Generator<string> {
  yield headPiece(written)
  for (const kind of KIND_NAMES) {
    yield beginOfList(kind)
    let piece = ''
    for (const [n, document] of byId(documents[kind]).entries()) {
      piece += lineOf(document, n === 0)
      if (piece.length < PIECE) continue
      yield piece
      piece = ''
    }
    yield piece + endOfList(kind)
  }
  yield endPiece(unreadable)
}

/** The parts of a file, for whoever writes lists of which the documents come from elsewhere. */
export const headPiece = (written: string, writer?: Writer): string => `${headOf(written, writer)}\n`
export const beginOfList = (kind: KindName): string => `${JSON.stringify(kind)}:[`
export const lineOf = (document: unknown, isFirst: boolean): string =>
  `${isFirst ? '' : ','}\n${JSON.stringify(document, inFieldOrder)}`
export const endOfList = (kind: KindName): string => (kind === KIND_NAMES.at(-1) ? '\n]},\n' : '\n],\n')
/** Who wrote each document, a line each. */
export const stampPiece = ({ stamps }: Stamps): string =>
  `"stamps":[${stamps.map((stamp, n) => lineOf(stamp, n === 0)).join('')}\n],\n`
export const endPiece = (unreadable: readonly Pick<Unreadable, 'kind' | 'raw'>[]): string =>
  `"unreadable":[${unreadable.map(({ kind, raw }, n) => lineOf({ kind, raw }, n === 0)).join('')}\n]}\n`

const headOf = (written: string, by?: Writer) => {
  const writer = by && { device: by.device, life: by.life, seen: by.seen }
  return `${JSON.stringify({ format: FILE_FORMAT, schema: FILE_SCHEMA, written, writer }).slice(0, -1)},"documents":{`
}

/** Everything as one JSON text, as `collectionPieces`. Errors: none; longer than half a gigabyte, the machine refuses. */
export const writeCollection = (contents: Contents, written: string): string =>
  [...collectionPieces(contents, written)].join('')

/** A replacer that writes the fields of records in alphabetical order. */
function inFieldOrder(this: unknown, _key: string, value: unknown): unknown {
  if (!isRecord(value)) return value
  return Object.fromEntries(Object.entries(value).sort(([p], [q]) => (p < q ? -1 : 1)))
}

const byId = (list: readonly { id: string }[]) => [...list].sort((p, q) => (p.id < q.id ? -1 : p.id > q.id ? 1 : 0))

export type ReadProgress = { done: number; of: number }

/**
 * Reads a collection file from its text. All or nothing per file: a file that is not ours, newer, or inconsistent
 * is refused whole; single documents that fail are returned in `unreadable` with the reason.
 * Yields progress every few thousand documents.
 *
 * Errors: `empty-file`, `not-json`, `not-a-collection`, `from-newer-version`, `twice-the-same-id`.
 */
export function* readCollection(text: string): Generator<ReadProgress, Result<CollectionFile>> {
  if (text.trim() === '') return EMPTY
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return notJson(text)
  }
  const refused = refusalOf(raw)
  if (refused) return refused
  const file = raw as { documents: Record<string, unknown>; unreadable?: unknown; writer?: unknown; stamps?: unknown }
  const { documents: tables, unreadable: before } = file
  const intake = new Intake()
  const of = Object.values(tables).reduce<number>((n, rows) => n + (Array.isArray(rows) ? rows.length : 0), 0)
  let done = 0
  for (const [kind, rows] of Object.entries(tables)) {
    if (!Array.isArray(rows)) return fail('not-a-collection', `“${kind.slice(0, 40)}” is not a list.`)
    for (const row of rows as unknown[]) {
      const twice = intake.take(kind, row)
      if (twice) return twice
      if (++done % 2000 === 0) yield { done, of }
    }
  }
  const contents = intake.end(Array.isArray(before) ? before : [])
  return ok({ ...contents, ...stampedBy(file.writer, Array.isArray(file.stamps) ? file.stamps : []) })
}

/** What a collection file holds. */
export interface CollectionFile extends Contents {
  /** Who wrote it, and who each document in it; older files do not say. */
  stamps?: Stamps
}

/** Who wrote a file; nothing where it does not say so, or not in a way that can be read: it is then a stranger's. */
export function stampedBy(writer: unknown, rows: readonly unknown[]): { stamps?: Stamps } {
  const read = Writer.safeParse(writer)
  if (!read.success) return {}
  const stamps = rows.flatMap((row) => {
    const stamp = Stamp.safeParse(row)
    return stamp.success ? [stamp.data] : []
  })
  return { stamps: { ...read.data, stamps } }
}

export const EMPTY = fail('empty-file', 'The file is empty.')

export const notJson = (text: string): Result<never> =>
  fail(
    'not-json',
    text.includes('\u0000')
      ? 'This is not a text file.'
      : 'The file is not valid JSON: it may be cut short or of another kind.',
  )

/** Why a file of this head is not read, if it is not. */
export function refusalOf(raw: unknown): Result<never> | undefined {
  if (!isRecord(raw) || raw.format !== FILE_FORMAT)
    return fail('not-a-collection', 'This is JSON, but not a Juxtachrome collection.')
  if (typeof raw.schema !== 'number' || raw.schema > FILE_SCHEMA)
    return fail(
      'from-newer-version',
      `The file has schema ${String(raw.schema).slice(0, 20)}; this Juxtachrome reads up to ${FILE_SCHEMA}. Nothing was changed.`,
    )
  return isRecord(raw.documents) ? undefined : fail('not-a-collection', 'The file holds no documents.')
}

/** Takes a file's documents in one by one, each checked and migrated. */
export class Intake {
  readonly #documents = noDocuments()
  readonly #unreadable: Unreadable[] = []
  readonly #ids = new Map<string, Set<string>>()

  /** Errors: `twice-the-same-id`. */
  take(kind: string, raw: unknown): Result<never> | undefined {
    const loaded = loadOfAnyKind(kind, raw)
    if (!loaded.ok) {
      this.#unreadable.push({ kind, raw: keepable(raw), problem: loaded.error })
      return undefined
    }
    const { id } = loaded.value
    let ids = this.#ids.get(kind)
    if (!ids) this.#ids.set(kind, (ids = new Set()))
    if (ids.has(id))
      return fail('twice-the-same-id', `Two ${wordOf(kind)} documents have the id ${id}. Nothing was changed.`, id)
    ids.add(id)
    ;(this.#documents[kind as KindName] as unknown[]).push(loaded.value)
    return undefined
  }

  /** All of it; `before` is what another version could not read. */
  end(before: readonly unknown[]): Contents {
    takeUp(before, this.#documents, this.#unreadable)
    setCorrectionsOfCorrectionsAside(this.#documents, this.#unreadable)
    return { documents: this.#documents, unreadable: this.#unreadable }
  }
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
