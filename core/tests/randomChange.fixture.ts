import type { Collection } from '../src/collection/collection'
import type { WriteSet } from '../src/collection/writeSet'
import { added, removed, updated, type Change } from '../src/documents/diff'
import { EDITABLE_KINDS, type DocumentOf, type EditableKind, type KindName } from '../src/documents/kinds'
import type { JournalEntry } from '../src/documents/journal/journalEntry'
import { itemsIn, palettesIn } from '../src/collection/lists'
import { readingOf } from '../src/collection/reading'

type Any = DocumentOf<EditableKind> & Record<string, unknown>
const oneOf = <T>(list: readonly T[], random: () => number): T => list[Math.floor(random() * list.length)]!

export interface RandomChange {
  kind: KindName
  write: WriteSet
  words: string
}

/** Some change of any document of any kind, or of the journal: a field, a new one like another, one that goes. */
export function randomChange(collection: Collection, random: () => number, i: number): RandomChange {
  if (random() < 0.2) return ofJournal(collection, random, i)
  const kind = oneOf(
    EDITABLE_KINDS.filter((k) => collection.table(k).size > 0),
    random,
  )
  const all = [...collection.table(kind).values()] as Any[]
  const document = oneOf(all, random)
  const way = random()
  const change =
    way < 0.1 && all.length > 1
      ? (removed(kind, document as never) as Change)
      : way < 0.25
        ? (added(kind, { ...document, id: `new-${i}` } as never) as Change)
        : (updated(kind, document as never, changed(document, all, random) as never) as Change)
  const field = way < 0.25 ? '' : fieldsThatDiffer(document, change.after as Any)
  return {
    kind,
    words: `${kind}/${document.id} ${way < 0.1 ? 'goes' : way < 0.25 ? 'doubled' : field}`,
    write: { diff: [change], journal: [] },
  }
}

const fieldsThatDiffer = (one: Any, other: Any) =>
  Object.keys({ ...one, ...other })
    .filter((k) => one[k] !== other[k])
    .join()

/** The document with one field as another of its kind has it, or a little otherwise. */
function changed(document: Any, all: readonly Any[], random: () => number): Any {
  const field = oneOf(
    Object.keys(Object.assign({}, ...all)).filter((k) => k !== 'id' && k !== 'v'),
    random,
  )
  const like = oneOf(all, random)[field]
  const own = document[field]
  const value = random() < 0.5 ? like : otherwise(own, random)
  return { ...document, [field]: value } as Any
}
function otherwise(value: unknown, random: () => number): unknown {
  if (typeof value === 'number') return random() < 0.5 ? value + 1 : value * 1.1
  if (typeof value === 'boolean') return !value
  if (typeof value === 'string') return /^\d{4}-/.test(value) || value === '' ? value : `${value} again`
  if (Array.isArray(value)) return value.length > 1 ? value.slice(1) : value
  if (value && typeof value === 'object') {
    const entries = Object.entries(value)
    const [key, inner] = oneOf(entries, random)
    return random() < 0.3
      ? Object.fromEntries(entries.filter(([k]) => k !== key))
      : { ...value, [key]: otherwise(inner, random) }
  }
  return value
}

function ofJournal(collection: Collection, random: () => number, i: number): RandomChange {
  const stamp = {
    id: `entry-${i}`,
    v: 2 as const,
    recorded: `2026-09-15T10:00:${String(i % 60).padStart(2, '0')}.000Z`,
  }
  const reading = readingOf(collection)
  const events = [...collection.journal.values()].filter((e) => e.type === 'event')
  const item = oneOf(itemsIn(reading), random)
  const palette = oneOf(palettesIn(reading), random)
  const place = palette && oneOf(palette.holder.places, random)
  const way = random()
  const entry: JournalEntry =
    way < 0.3 || !item || !place
      ? { ...stamp, type: 'correction', corrects: oneOf(events, random).id, becomes: null }
      : {
          ...stamp,
          type: 'event',
          event: {
            kind: 'fill',
            day: '2026-09-10',
            vessel: { paletteId: palette.id, placeId: place.id },
            itemId: item.id,
            paintId: item.paintId,
            millilitres: 0.4,
            dryingDays: 2,
          },
        }
  return { kind: 'journal', words: JSON.stringify(entry), write: { diff: [], journal: [entry] } }
}
