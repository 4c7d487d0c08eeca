import { keyOfDocument } from '../collection/keys'
import { EDITABLE_KINDS, type DocumentOf, type EditableKind } from '../documents/kinds'
import { printsOf, type Part } from './parts'

/** A write: which life of which device, and its number there. `k3f9a.12` */
export type Dot = string
/**
 * Of which writes one knows: of each life all up to a number. A version vector (Parker et al., Detection of mutual
 * inconsistency in distributed systems, IEEE Transactions on Software Engineering SE-9, 1983).
 */
export type Seen = Readonly<Record<string, number>>

/** What is known of a document: a digest of each part, and the write that it is of. The print of a part that is gone is empty. */
export interface Marked {
  prints: ReadonlyMap<Part, string>
  by: ReadonlyMap<Part, Dot>
}

/** Documents by kind and id, as `keyOfDocument` names them. */
export type Marks = ReadonlyMap<string, Marked>

/**
 * What a device knows of who wrote what. A life ends when everything is replaced or wiped: what the device wrote before
 * is then no more its own, so that a wipe is never taken for the wish to remove everything elsewhere.
 */
export interface Knowledge {
  life: string
  seen: Seen
  marks: Marks
}

/** Tables of documents by id. */
export interface Tables {
  table(kind: EditableKind): ReadonlyMap<string, DocumentOf<EditableKind>>
}

const GONE = ''

export const newLife = (life: string): Knowledge => ({ life, seen: {}, marks: new Map() })

const dotOf = (life: string, number: number): Dot => `${life}.${number}`

/** Whether a write is among those seen; one of which nobody knows is not. */
export function isSeen(dot: Dot | undefined, seen: Seen): boolean {
  if (dot === undefined) return false
  const at = dot.lastIndexOf('.')
  const number = Number(dot.slice(at + 1))
  return number <= (Object.hasOwn(seen, dot.slice(0, at)) ? seen[dot.slice(0, at)]! : 0)
}

export function together(one: Seen, other: Seen): Seen {
  const lives = new Set([...Object.keys(one), ...Object.keys(other)])
  return Object.fromEntries([...lives].map((life) => [life, Math.max(one[life] ?? 0, other[life] ?? 0)]))
}

/** Documents looked at between two looks at other work. */
const STEP = 500

/**
 * Notes what changed since a device last looked: every part whose digest is another was written by it now. Yields now
 * and then. The same knowledge comes back where nothing changed.
 */
export function* noteChanges(known: Knowledge, now: Tables): Generator<void, Knowledge> {
  const number = (known.seen[known.life] ?? 0) + 1
  const dot = dotOf(known.life, number)
  const marks = new Map<string, Marked>()
  let [done, wrote, differs] = [0, false, false]
  for (const kind of EDITABLE_KINDS)
    for (const [id, document] of now.table(kind)) {
      const key = keyOfDocument(kind, id)
      const before = known.marks.get(key)
      const after = marked(before, printsOf(kind, document), dot)
      if (after !== before) wrote = differs = true
      marks.set(key, after)
      if (++done % STEP === 0) yield
    }
  differs ||= marks.size !== known.marks.size
  if (!differs) return known
  return { life: known.life, seen: wrote ? { ...known.seen, [known.life]: number } : known.seen, marks }
}

/** What is known of a document as it now is; the same where it did not change. */
function marked(before: Marked | undefined, now: ReadonlyMap<Part, string>, dot: Dot): Marked {
  const prints = new Map(now)
  if (before) for (const part of before.prints.keys()) if (!now.has(part)) prints.set(part, GONE)
  const changed = [...prints].filter(([part, print]) => before?.prints.get(part) !== print)
  if (before && changed.length === 0) return before
  const by = new Map(before?.by)
  for (const [part] of changed) by.set(part, dot)
  return { prints, by }
}

/**
 * What is known of a document of which each part was written where it was. Parts of which nobody knows are left out, and
 * so become this device's own when it next looks.
 */
export function markedAs(kind: EditableKind, document: DocumentOf<EditableKind>, by: ReadonlyMap<Part, Dot>): Marked {
  const now = printsOf(kind, document)
  return { prints: new Map([...by.keys()].map((part) => [part, now.get(part) ?? GONE])), by }
}
