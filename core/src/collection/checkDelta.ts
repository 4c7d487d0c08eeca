import type { JournalEntry } from '../documents/journal/journalEntry'
import { EDITABLE_KINDS } from '../documents/kinds'
import { loadDocument } from '../documents/load'
import { ok, type Result } from '../result'
import type { Delta, DocumentNow } from './writeSet'

/**
 * Another tab's delta, migrated and checked as everything is that comes in: that tab may be of another version.
 * Errors: as `loadDocument`.
 */
export function checkDelta({ documents, journal }: Delta): Result<Delta> {
  const checked: DocumentNow[] = []
  for (const one of documents) {
    if (!EDITABLE_KINDS.includes(one.kind)) continue
    const loaded = one.document === null ? ok(null) : loadDocument(one.kind, one.document)
    if (!loaded.ok) return loaded
    checked.push({ ...one, document: loaded.value } as DocumentNow)
  }
  const entries: JournalEntry[] = []
  for (const entry of journal) {
    const loaded = loadDocument('journal', entry)
    if (!loaded.ok) return loaded
    entries.push(loaded.value)
  }
  return ok({ documents: checked, journal: entries })
}
