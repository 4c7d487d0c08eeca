import { digest } from '../collection/digest'
import { isRecord } from '../documents/isRecord'
import { KINDS, type DocumentOf, type EditableKind } from '../documents/kinds'

/**
 * A part of a document that a device may change for itself: the path of a field, a JSON pointer (RFC 6901). `''` is that
 * the document is there at all.
 */
export type Part = string
export type Parts = ReadonlyMap<Part, unknown>
type Any = DocumentOf<EditableKind>

/** That a field whose things are joined one by one is there, whatever it holds. */
const HOLDS = true
const THERE: Part = ''

/** A document taken apart. Of one whose content never changes only that it is there. */
export function partsOf(kind: EditableKind, document: Any): Parts {
  const parts = new Map<Part, unknown>([[THERE, true]])
  if (KINDS[kind].apart !== undefined) return parts
  for (const [field, value] of Object.entries(document)) {
    if (field === 'id' || field === 'v' || value === undefined) continue
    if (!isJoined(kind, field) || !isRecord(value)) parts.set(pointer(field), value)
    else {
      parts.set(pointer(field), HOLDS)
      for (const [name, thing] of Object.entries(value)) if (thing !== undefined) parts.set(pointer(field, name), thing)
    }
  }
  return parts
}

/** The document that parts make, as a record of the present version; not checked. */
export function fromParts(kind: EditableKind, id: string, parts: Parts): Record<string, unknown> {
  const fields = new Map<string, unknown>([
    ['id', id],
    ['v', KINDS[kind].version],
  ])
  const things = new Map<string, Map<string, unknown>>()
  for (const [part, value] of parts) {
    const [field, name] = stepsOf(part)
    if (field === undefined) continue
    if (name !== undefined) (things.get(field) ?? things.set(field, new Map()).get(field)!).set(name, value)
    else if (!isJoined(kind, field) || value !== HOLDS) fields.set(field, value)
    else if (!things.has(field)) things.set(field, new Map())
  }
  for (const [field, byName] of things) if (!fields.has(field)) fields.set(field, Object.fromEntries(byName))
  return Object.fromEntries(fields)
}

const isJoined = (kind: EditableKind, field: string) => KINDS[kind].joined?.includes(field) ?? false

const pointer = (...steps: string[]): Part =>
  steps.map((s) => `/${s.replaceAll('~', '~0').replaceAll('/', '~1')}`).join('')
/** The field, and the thing in it, that a part is; none of the document as such. */
export const stepsOf = (part: Part): string[] =>
  part
    .split('/')
    .slice(1)
    .map((s) => s.replaceAll('~1', '/').replaceAll('~0', '~'))

/** Documents never change in place, so their prints are worked out once. */
const known = new WeakMap<object, ReadonlyMap<Part, string>>()

/** A short digest of each part. */
export function printsOf(kind: EditableKind, document: Any): ReadonlyMap<Part, string> {
  const before = known.get(document)
  if (before) return before
  const prints = new Map([...partsOf(kind, document)].map(([part, value]) => [part, digest(value)]))
  known.set(document, prints)
  return prints
}
