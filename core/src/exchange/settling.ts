import { keyOfDocument } from '../collection/keys'
import { added, removed, same, updated, type Change } from '../documents/diff'
import type { DocumentOf, EditableKind } from '../documents/kinds'
import type { WriteSet } from '../collection/writeSet'
import { markedAs, newLife, together, type Dot, type Knowledge, type Marked } from './knowledge'
import { heldOf, made, type JoinedDocument, type Meeting } from './meeting'
import type { Part } from './parts'
import { questionsAbout } from './questions'
import { sideOf, type Side, type Stamps } from './stamps'

type Any = DocumentOf<EditableKind>

/** Which of two is to hold, of a part that both wrote; of a document as a whole where one side removed what the other edited. */
export type Choose = (document: JoinedDocument, part?: Part) => 'here' | 'there'

/** What is edited outlives a removal; of parts that both wrote what is here stays. */
export const asEdited: Choose = ({ fate }) => (fate === 'removed here' ? 'there' : 'here')

/** What two that met become: what is written here, and what this device knows when it is. */
export interface Settled {
  write: WriteSet
  known: Knowledge
}

/** Carries out what a meeting found, with what was chosen. */
export function settleMeeting(
  { documents, entries }: Meeting,
  known: Knowledge,
  stamps: Stamps | undefined,
  choose: Choose = asEdited,
): Settled {
  const there = sideOf(stamps)
  const marks = new Map(known.marks)
  const diff: Change[] = []
  for (const document of documents) {
    const { kind, id, here } = document
    const { after, mark } = outcome(document, marks.get(keyOfDocument(kind, id)), there, choose)
    if (after === null) marks.delete(keyOfDocument(kind, id))
    else if (mark) marks.set(keyOfDocument(kind, id), mark)
    diff.push(...changeOf(kind, here, after))
  }
  return {
    write: { diff, journal: entries.there },
    known: { life: known.life, seen: together(known.seen, there.seen), marks },
  }
}

/** What comes in without a question. */
export function comesWithout(meeting: Meeting, stamps: Stamps | undefined): WriteSet {
  const documents = meeting.documents.filter((d) => questionsAbout(d).length === 0)
  return settleMeeting({ ...meeting, documents }, newLife('nobody'), stamps).write
}

function changeOf(kind: EditableKind, before: Any | null, after: Any | null): Change[] {
  if (before === after || same(before, after)) return []
  if (!before) return after ? [added(kind, after)] : []
  return [after ? updated(kind, before, after) : removed(kind, before)]
}

/** What a document is afterwards, and what is then known of it. */
function outcome(
  document: JoinedDocument,
  mark: Marked | undefined,
  there: Side,
  choose: Choose,
): { after: Any | null; mark: Marked | undefined } {
  const { kind, here } = document
  const theirs = () => ({
    after: document.there,
    mark: markedAs(kind, document.there!, there.by(kind, document.there!)),
  })
  const mine = { after: here, mark }
  switch (document.fate) {
    case 'stays':
      return mine
    case 'goes':
      return { after: null, mark: undefined }
    case 'comes':
      return theirs()
    case 'removed there':
      return choose(document) === 'here' ? mine : { after: null, mark: undefined }
    case 'removed here':
      return choose(document) === 'there' ? theirs() : mine
    default:
      return (
        joinedOutcome(document, choose) ??
        (choose(document, questionsAbout(document)[0]?.part) === 'here' ? mine : theirs())
      )
  }
}

function joinedOutcome(document: JoinedDocument, choose: Choose): { after: Any; mark: Marked } | undefined {
  const pick = (part: Part) => choose(document, part)
  const after = made(document, document.parts, pick)
  if (!after) return undefined
  const by = new Map<Part, Dot>()
  for (const [part, joined] of document.parts) {
    const { dot } = heldOf(part, joined, pick)
    if (dot !== undefined) by.set(part, dot)
  }
  return { after, mark: markedAs(document.kind, after, by) }
}
