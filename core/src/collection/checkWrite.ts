import type { Change } from '../documents/diff'
import { loadDocument } from '../documents/load'
import { ok, type Result } from '../result'
import type { WriteSet } from './writeSet'

/**
 * A write set as it may be taken in and kept: every document and entry is checked against its schema, since
 * what is stored unchecked cannot be read again. Errors: as `loadDocument`; `where` names the field.
 */
export function checkWrite({ diff, journal }: WriteSet): Result<WriteSet> {
  const changes: Change[] = []
  for (const change of diff) {
    const checked = checkChange(change)
    if (!checked.ok) return checked
    changes.push(checked.value)
  }
  const entries = []
  for (const entry of journal) {
    const checked = loadDocument('journal', entry, 'kept')
    if (!checked.ok) return checked
    entries.push(checked.value)
  }
  return ok({ diff: changes, journal: entries })
}

function checkChange(change: Change): Result<Change> {
  if (change.after === null) return ok(change)
  const checked = loadDocument(change.kind, withoutUndefined(change.after), 'kept')
  return checked.ok ? ok({ ...change, after: checked.value } as Change) : checked
}

/** Fields that are undefined are as good as absent, and are not kept by the database either. */
function withoutUndefined(document: object): Record<string, unknown> {
  return Object.fromEntries(Object.entries(document).filter(([, value]) => value !== undefined))
}
