import { same } from '../documents/diff'
import { EDITABLE_KINDS, KIND_NAMES, type DocumentOf, type EditableKind, type KindName } from '../documents/kinds'
import type { Collection } from './collection'
import type { Contents } from './contents'
import { isApart } from './slim'

/** A document that a copy has otherwise than it is here, or that only one of the two has. */
export interface Difference {
  kind: EditableKind
  id: string
  /** As the copy has it; null where it has none. */
  copy: DocumentOf<EditableKind> | null
  /** As it is here; null where it is not. */
  here: DocumentOf<EditableKind> | null
}

export interface Compared {
  /** How many documents of a kind the copy holds. */
  holds: { kind: KindName; count: number }[]
  differences: Difference[]
  /** Entries of the journal that only one of the two has. */
  entries: { onlyCopy: number; onlyHere: number }
}

/** Documents compared between two looks at other work. */
const STEP = 500

/** What a copy holds, and how it differs from what is here. Yields now and then. */
export function* compareCopy({ documents }: Contents, mine: Collection): Generator<void, Compared> {
  const differences: Difference[] = []
  let done = 0
  for (const kind of EDITABLE_KINDS) {
    const inCopy = new Map(documents[kind].map((d) => [d.id, d as DocumentOf<EditableKind>]))
    const here = mine.table(kind) as ReadonlyMap<string, DocumentOf<EditableKind>>
    for (const id of new Set([...inCopy.keys(), ...here.keys()])) {
      const [copy, now] = [inCopy.get(id) ?? null, here.get(id) ?? null]
      if (!copy || !now || !(isApart(kind) || same(copy, now))) differences.push({ kind, id, copy, here: now })
      if (++done % STEP === 0) yield
    }
  }
  const inCopy = new Set(documents.journal.map((e) => e.id))
  const onlyCopy = documents.journal.filter((e) => !mine.journal.has(e.id)).length
  const onlyHere = [...mine.journal.keys()].filter((id) => !inCopy.has(id)).length
  const holds = KIND_NAMES.flatMap((kind) => (documents[kind].length ? [{ kind, count: documents[kind].length }] : []))
  return { holds, differences, entries: { onlyCopy, onlyHere } }
}
