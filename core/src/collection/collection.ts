import { applyToDocument, same } from '../documents/diff'
import { EDITABLE_KINDS, noDocuments, type DocumentOf, type EditableKind } from '../documents/kinds'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { Ledger, type Touched } from '../ledger/ledger'
import type { Result } from '../result'
import { toTheEnd } from '../steps'
import { checkWrite } from './checkWrite'
import { noContents, type Contents, type Unreadable } from './contents'
import { frozen } from './freezing'
import { keysOf, type Key } from './keys'
import { emptyTables, prepare, type Prepared } from './prepare'
import { slim } from './slim'
import type { Applied, Delta, DocumentNow, Origin, WriteSet } from './writeSet'

type Listener = (applied: Applied) => void

/**
 * Every document in memory and the ledger over the journal. Documents are never changed in place: a
 * changed one is another object, so that whatever was worked out from an unchanged one still holds.
 */
export class Collection {
  #tables = emptyTables()
  #journal = new Map<string, JournalEntry>()
  #ledger = new Ledger()
  #unreadable: readonly Unreadable[] = []
  #revision = 0
  readonly #changedAt = new Map<Key, number>()
  /** The revision at which everything was last put in anew. */
  #replacedAt = 0
  /** Entries of the journal are still on their way to this mirror; until then its ledger says nothing. */
  awaitsJournal = false
  readonly #listeners = new Set<Listener>()

  constructor(contents: Contents = noContents()) {
    this.#put(toTheEnd(prepare(contents)))
  }

  /** Counts every application of changes. */
  get revision(): number {
    return this.#revision
  }
  get ledger(): Ledger {
    return this.#ledger
  }
  get journal(): ReadonlyMap<string, JournalEntry> {
    return this.#journal
  }
  get unreadable(): readonly Unreadable[] {
    return this.#unreadable
  }

  table<K extends EditableKind>(kind: K): ReadonlyMap<string, DocumentOf<K>> {
    return this.#tables[kind]
  }
  get<K extends EditableKind>(kind: K, id: string | undefined): DocumentOf<K> | undefined {
    return id === undefined ? undefined : this.#tables[kind].get(id)
  }
  /** The revision at which what is read under a key last changed. */
  changedAt(key: Key): number {
    return Math.max(this.#replacedAt, this.#changedAt.get(key) ?? 0)
  }

  /** Something that is held beside the documents changed. */
  touch(key: Key): void {
    this.#revision += 1
    this.#changedAt.set(key, this.#revision)
  }

  /** Hears of every application, after it. Returns what ends the hearing. */
  subscribe(listener: Listener): () => void {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  /**
   * Takes in a command's changes after checking them, and gives them as they were taken; nothing is taken in
   * when one of them is refused.
   * Errors: as `loadDocument`, with the field.
   */
  apply(write: WriteSet, origin: Origin = 'user'): Result<Applied & { write: WriteSet }> {
    const checked = checkWrite(write)
    if (!checked.ok) return checked
    const applied = this.take(this.deltaOf(checked.value), origin)
    return { ok: true, value: { ...applied, write: checked.value } }
  }

  /** What a write set makes of the documents as they are now. Fields that it does not touch stay. */
  deltaOf({ diff, journal }: WriteSet): Delta {
    const now = new Map<string, DocumentNow>()
    for (const { kind, id, before, after } of diff) {
      const key = `${kind}/${id}`
      const present = now.has(key) ? now.get(key)!.document : (this.#tables[kind].get(id) ?? null)
      const document = applyToDocument(present as typeof before, before, after)
      now.set(key, { kind, id, document } as DocumentNow)
    }
    return { documents: [...now.values()], journal }
  }

  /** Takes in documents as they are now, from storage, another tab or the page; they were checked on the way in. */
  take({ documents, journal }: Delta, origin: Origin): Applied {
    const changed = documents
      .map((d) => (d.document ? ({ ...d, document: slim(d.kind, d.document) } as DocumentNow) : d))
      .filter(({ kind, id, document }) => !same(this.#tables[kind].get(id) ?? null, document))
    const fresh = journal.filter((e) => !this.#journal.has(e.id))
    for (const { kind, id, document } of changed) {
      const table = this.#tables[kind] as Map<string, unknown>
      if (document) table.set(id, frozen(document))
      else table.delete(id)
    }
    for (const entry of fresh) this.#journal.set(entry.id, frozen(entry))
    const touched = this.#ledger.addAll(fresh)
    return this.#tell({ origin, whole: false, delta: { documents: changed, journal: fresh }, touched })
  }

  /** Puts a whole collection in place of what was there; one that was prepared, in no time. */
  replace(contents: Contents | Prepared, origin: Origin = 'load'): Applied {
    this.#put('tables' in contents ? contents : toTheEnd(prepare(contents)))
    const touched: Touched = { items: new Set(), palettes: new Set() }
    return this.#tell({ origin, whole: true, delta: { documents: [], journal: [] }, touched })
  }

  /** Everything as it is now, for a file or a worker; what is read only when it is seen is left empty. */
  contents(): Contents {
    const documents = noDocuments()
    for (const kind of EDITABLE_KINDS) (documents[kind] as unknown[]) = [...this.#tables[kind].values()]
    documents.journal = [...this.#journal.values()]
    return { documents, unreadable: [...this.#unreadable] }
  }

  #put({ tables, journal, ledger, unreadable }: Prepared): void {
    this.#tables = tables
    this.#journal = journal
    this.#ledger = ledger
    this.#unreadable = unreadable
  }

  #tell(what: Omit<Applied, 'revision'>): Applied {
    this.#revision += 1
    if (what.whole) {
      this.#replacedAt = this.#revision
      this.#changedAt.clear()
    } else for (const key of keysOf(what)) this.#changedAt.set(key, this.#revision)
    const applied = { revision: this.#revision, ...what }
    for (const listener of this.#listeners) listener(applied)
    return applied
  }
}
