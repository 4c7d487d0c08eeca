import { same, type Change, type Diff } from '../documents/diff'
import { isRecord } from '../documents/isRecord'
import type { DocumentOf, EditableKind } from '../documents/kinds'
import { digest } from './digest'
import { isApart } from './slim'

/** One field of a document before and after; undefined where it was not there. */
export interface FieldChange {
  path: readonly string[]
  before: unknown
  after: unknown
}

type Any = DocumentOf<EditableKind>

/**
 * What a command did to one document, small enough to be kept for long: the fields it changed, that it
 * added the document (its digest tells whether it changed since), or the document it removed.
 */
export type Patch = { kind: EditableKind; id: string } & (
  | { did: 'changed'; fields: readonly FieldChange[] }
  | { did: 'added'; digest: string }
  | { did: 'removed'; document: Any }
)

/** A document that was left as it is, since it changed elsewhere after the command. */
export interface Kept {
  kind: EditableKind
  id: string
}

export const patchesOf = (diff: Diff): Patch[] =>
  diff.flatMap((change): Patch[] => {
    const { kind, id, before, after } = change
    // what lies apart never changes, and stays: whatever names it may come back
    if (isApart(kind)) return []
    if (before && after) {
      const fields = fieldChanges(before, after)
      return fields.length ? [{ kind, id, did: 'changed', fields }] : []
    }
    if (after) return [{ kind, id, did: 'added', digest: digest(after) }]
    return before ? [{ kind, id, did: 'removed', document: before }] : []
  })

/** Fields that differ, records field by field, everything else whole. */
function fieldChanges(before: unknown, after: unknown, path: readonly string[] = []): FieldChange[] {
  if (same(before, after)) return []
  if (!isRecord(before) || !isRecord(after)) return [{ path, before, after }]
  const keys = new Set([...Object.keys(before), ...Object.keys(after)])
  return [...keys].flatMap((key) => fieldChanges(own(before, key), own(after, key), [...path, key]))
}

/**
 * What takes patches back, given the documents as they are now. What changed elsewhere since is left
 * as it is and named, field by field.
 */
export function takeBack(
  patches: readonly Patch[],
  now: (kind: EditableKind, id: string) => Any | undefined,
): { diff: Diff; kept: Kept[] } {
  const diff: Change[] = []
  const kept: Kept[] = []
  for (const patch of [...patches].reverse()) {
    const { kind, id } = patch
    const before = now(kind, id) ?? null
    const after = afterTakingBack(patch, before)
    if (after.kept) kept.push({ kind, id })
    if (!same(before, after.document)) diff.push({ kind, id, before, after: after.document } as Change)
  }
  return { diff, kept }
}

function afterTakingBack(patch: Patch, present: Any | null): { document: Any | null; kept: boolean } {
  switch (patch.did) {
    case 'removed':
      return present ? { document: present, kept: true } : { document: patch.document, kept: false }
    case 'added':
      return present && digest(present) !== patch.digest
        ? { document: present, kept: true }
        : { document: null, kept: false }
    case 'changed': {
      if (!present) return { document: null, kept: true }
      let document: unknown = present
      let kept = false
      for (const { path, before, after } of patch.fields) {
        if (same(valueAt(document, path), after)) document = withValueAt(document, path, before)
        else kept = true
      }
      return { document: document as Any, kept }
    }
  }
}

const own = (record: Record<string, unknown>, key: string) => (Object.hasOwn(record, key) ? record[key] : undefined)
const valueAt = (value: unknown, [key, ...rest]: readonly string[]): unknown =>
  key === undefined ? value : isRecord(value) ? valueAt(own(value, key), rest) : undefined

function withValueAt(value: unknown, [key, ...rest]: readonly string[], to: unknown): unknown {
  if (key === undefined) return to
  const record = isRecord(value) ? value : {}
  const next = withValueAt(own(record, key), rest, to)
  // a map keeps the order of the fields, and takes fields of any name
  const fields = new Map(Object.entries(record))
  if (next === undefined) fields.delete(key)
  else fields.set(key, next)
  return Object.fromEntries(fields)
}
