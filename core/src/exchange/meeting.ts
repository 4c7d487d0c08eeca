import { keyOfDocument } from '../collection/keys'
import { EDITABLE_KINDS, type DocumentOf, type EditableKind } from '../documents/kinds'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { loadDocument } from '../documents/load'
import { isRecord } from '../documents/isRecord'
import type { Contents, Unreadable } from '../collection/contents'
import { isSeen, type Dot, type Knowledge, type Tables } from './knowledge'
import { fromParts, partsOf, printsOf, type Part } from './parts'
import { ownSide, sideOf, type Side, type Stamps } from './stamps'

type Any = DocumentOf<EditableKind>

/** A part as one side has it; the value is undefined where that side does not have it. */
export interface Held {
  value: unknown
  dot: Dot | undefined
}

/** What becomes of a part: known, or to be chosen. */
export type Joined = { is: 'known'; held: Held } | { is: 'open'; here: Held; there: Held }

/** A document in two states, brought together part by part. */
export interface JoinedDocument {
  kind: EditableKind
  id: string
  here: Any | null
  there: Any | null
  /** What to do with it: all is known, somebody has to choose, it stays as it is here, it goes, or it comes back from a removal. */
  fate: 'joined' | 'asked' | 'stays' | 'comes' | 'goes' | 'removed here' | 'removed there'
  parts: ReadonlyMap<Part, Joined>
}

/** Two collections that meet, before anything is written. */
export interface Meeting {
  documents: readonly JoinedDocument[]
  /** Entries of the journal that only the other has, and that only this one has. */
  entries: { there: readonly JournalEntry[]; here: readonly JournalEntry[] }
  /** The two never met before, not by way of a third either. */
  areStrangers: boolean
}

/** Documents brought together between two looks at other work. */
const STEP = 500
const NONE: ReadonlyMap<Part, Joined> = new Map()

/**
 * Brings what is here together with what a file holds. A part that only one of the two wrote since they last met is as
 * that one has it; one that both wrote is open; whatever was edited outlives a removal. Yields now and then.
 * @param known what this device knows, noted just now
 * @param stamps what the file says of its writer; without it every difference is open
 */
export function* meet(
  mine: Tables & { journal: ReadonlyMap<string, JournalEntry>; unreadable: readonly Unreadable[] },
  known: Knowledge,
  { documents: theirs, unreadable }: Contents,
  stamps: Stamps | undefined,
): Generator<void, Meeting> {
  const [here, there] = [ownSide(known), sideOf(stamps)]
  const documents: JoinedDocument[] = []
  // what one of the two cannot read is there all the same
  const unread = new Set([...unreadable, ...mine.unreadable].map(keyOfUnreadable))
  let done = 0
  for (const kind of EDITABLE_KINDS) {
    const table = mine.table(kind)
    const others = new Map(theirs[kind].map((d) => [d.id, d as Any]))
    for (const id of new Set([...table.keys(), ...others.keys()])) {
      if (!unread.has(keyOfDocument(kind, id)))
        documents.push(joinDocument(kind, id, table.get(id) ?? null, others.get(id) ?? null, here, there))
      if (++done % STEP === 0) yield
    }
  }
  const ids = new Set(theirs.journal.map((e) => e.id))
  return {
    documents,
    entries: {
      there: theirs.journal.filter((e) => !mine.journal.has(e.id)),
      here: [...mine.journal.values()].filter((e) => !ids.has(e.id)),
    },
    areStrangers: !Object.keys(there.seen).some((life) => (here.seen[life] ?? 0) > 0),
  }
}

const keyOfUnreadable = ({ kind, raw }: Unreadable) => `${kind}/${isRecord(raw) ? String(raw.id) : ''}`

function joinDocument(
  kind: EditableKind,
  id: string,
  one: Any | null,
  other: Any | null,
  here: Side,
  there: Side,
): JoinedDocument {
  const document = { kind, id, here: one, there: other }
  if (!one || !other) return { ...document, fate: fateOfSingle(kind, one, other, here, there), parts: NONE }
  const both = partsOfBoth(kind, one, other, here, there)
  const [myPrints, theirPrints] = [printsOf(kind, one), printsOf(kind, other)]
  const isSame = (part: Part) => myPrints.get(part) === theirPrints.get(part)
  const parts = new Map<Part, Joined>(
    both.map(([part, held, their]) => [
      part,
      isSame(part) ? { is: 'known', held: later(held, their, here, there) } : joinPart(held, their, here, there),
    ]),
  )
  if ([...parts.values()].some((p) => p.is === 'open')) return { ...document, fate: 'asked', parts }
  if (made(document, parts)) return { ...document, fate: 'joined', parts }
  // each by itself may be as it is, the two together may not
  for (const [part, held, their] of both) if (!isSame(part)) parts.set(part, { is: 'open', here: held, there: their })
  return { ...document, fate: 'asked', parts }
}

/** The document that its parts make; nothing where no such document may be. */
export function made(
  { kind, id, here, there }: Pick<JoinedDocument, 'kind' | 'id' | 'here' | 'there'>,
  parts: ReadonlyMap<Part, Joined>,
  choose: (part: Part) => 'here' | 'there' = () => 'here',
): Any | undefined {
  const held = [...parts].flatMap(([part, joined]) => {
    const { value } = heldOf(part, joined, choose)
    return value === undefined ? [] : [[part, value] as const]
  })
  const values = new Map(held)
  for (const side of [here, there]) if (side && isOf(kind, side, values)) return side
  const loaded = loadDocument(kind, fromParts(kind, id, values))
  return loaded.ok ? loaded.value : undefined
}

/** Whether a document is just what these parts make. */
function isOf(kind: EditableKind, document: Any, parts: ReadonlyMap<Part, unknown>): boolean {
  const own = partsOf(kind, document)
  return own.size === parts.size && [...parts].every(([part, value]) => own.get(part) === value)
}

export const heldOf = (part: Part, joined: Joined, choose: (part: Part) => 'here' | 'there'): Held =>
  joined.is === 'known' ? joined.held : joined[choose(part)]

/** Of a document that one side does not have: it is new there, or was removed, or was removed while it was edited. */
function fateOfSingle(kind: EditableKind, one: Any | null, other: Any | null, here: Side, there: Side) {
  const [document, holder, lacker] = one ? [one, here, there] : [other!, there, here]
  const dots = [...holder.by(kind, document).values()]
  const seen = dots.filter((dot) => isSeen(dot, lacker.seen)).length
  if (seen === 0) return one ? 'stays' : 'comes'
  if (seen < dots.length) return one ? 'removed there' : 'removed here'
  return one ? 'goes' : 'stays'
}

/** Each part as both have it, those that were taken away included. */
function partsOfBoth(kind: EditableKind, one: Any, other: Any, here: Side, there: Side): [Part, Held, Held][] {
  const [mine, theirs] = [partsOf(kind, one), partsOf(kind, other)]
  const [myDots, theirDots] = [here.by(kind, one), there.by(kind, other)]
  const all = new Set([...mine.keys(), ...theirs.keys(), ...myDots.keys(), ...theirDots.keys()])
  return [...all].map((part) => [
    part,
    { value: mine.get(part), dot: myDots.get(part) },
    { value: theirs.get(part), dot: theirDots.get(part) },
  ])
}

/** The later of two writes of the same; of two that know nothing of each other always the same one. */
function later(one: Held, other: Held, here: Side, there: Side): Held {
  return { value: one.value, dot: laterDot(one.dot, other.dot, here, there) }
}
function laterDot(one: Dot | undefined, other: Dot | undefined, here: Side, there: Side): Dot | undefined {
  if (one === undefined || other === undefined) return one ?? other
  const [mineIsOld, theirsIsOld] = [isSeen(one, there.seen), isSeen(other, here.seen)]
  if (mineIsOld !== theirsIsOld) return mineIsOld ? other : one
  return other > one ? other : one
}

function joinPart(one: Held, other: Held, here: Side, there: Side): Joined {
  const [mineIsOld, theirsIsOld] = [isSeen(one.dot, there.seen), isSeen(other.dot, here.seen)]
  if (mineIsOld !== theirsIsOld) return { is: 'known', held: mineIsOld ? gone(other, one) : gone(one, other) }
  // an edit outlives that the other took the field away
  if (one.value === undefined || other.value === undefined)
    return { is: 'known', held: one.value === undefined ? other : one }
  return { is: 'open', here: one, there: other }
}

/** The newer of two; where it does not have the part and nobody says that it was taken away, what the other has stays. */
const gone = (newer: Held, older: Held): Held => (newer.value === undefined && newer.dot === undefined ? older : newer)
