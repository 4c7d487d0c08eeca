import { isRecord } from './isRecord'
import type { DocumentOf, EditableKind } from './kinds'

/** One document before and after; null where it did not or does not exist. */
export type Change<K extends EditableKind = EditableKind> = {
  [N in K]: { kind: N; id: string; before: DocumentOf<N> | null; after: DocumentOf<N> | null }
}[K]

/** An invertible set of changes: what a command makes, the store applies and storage writes. */
export type Diff = readonly Change[]

export const added = <K extends EditableKind>(kind: K, after: DocumentOf<K>): Change =>
  ({ kind, id: after.id, before: null, after }) as Change
export const updated = <K extends EditableKind>(kind: K, before: DocumentOf<K>, after: DocumentOf<K>): Change =>
  ({ kind, id: after.id, before, after }) as Change
export const removed = <K extends EditableKind>(kind: K, before: DocumentOf<K>): Change =>
  ({ kind, id: before.id, before, after: null }) as Change

/** What takes the changes back: applied after them it leaves everything as it was. */
export const invert = (diff: Diff): Diff =>
  [...diff].reverse().map((c) => ({ ...c, before: c.after, after: c.before }) as Change)

/**
 * Applies a change to a document that may have moved on since (another tab, a later edit): only the
 * fields that the change touches are set, records field by field, everything else whole.
 */
export function applyToDocument<T>(current: T | null, before: T | null, after: T | null): T | null {
  if (after === null || current === null || before === null) return after
  return mergeValue(current, before, after) as T
}

function mergeValue(current: unknown, before: unknown, after: unknown): unknown {
  if (same(before, after)) return current
  if (!isRecord(current) || !isRecord(before) || !isRecord(after)) return after
  const keys = new Set([...Object.keys(current), ...Object.keys(before), ...Object.keys(after)])
  const merged = [...keys].map((key) => [key, mergeValue(current[key], before[key], after[key])] as const)
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined))
}

/** Deep equality of plain data; the order of keys and fields that are undefined do not count. */
export function same(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((v, i) => same(v, other[i]))
  if (!isRecord(one) || !isRecord(other)) return false
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].every((k) => same(one[k], other[k]))
}
