import { digest } from '../collection/digest'
import type { Key } from '../collection/keys'
import { readingOf } from '../collection/reading'
import type { Collection } from '../collection/collection'
import { isEditableKind } from '../documents/kinds'

/** An answer with what it rests on in short, so that it can be told at another visit whether it still holds. */
export interface Kept {
  prints: readonly (readonly [key: Key, print: string])[]
  value: unknown
}

/** Prints of what an answer rests on. */
export const printsOf = (collection: Collection, keys: Iterable<Key>): Kept['prints'] =>
  [...keys].sort().map((key) => [key, printOf(collection, key)] as const)

/** Whether everything that a kept answer rests on is as it was. */
export const holds = (collection: Collection, { prints }: Kept): boolean =>
  prints.every(([key, print]) => printOf(collection, key) === print)

/** What is read under a key, in short. An index is what its key says: it needs no print. */
function printOf(collection: Collection, key: Key): string {
  const { ledger } = readingOf(collection)
  const [first = '', id] = split(key)
  if (isEditableKind(first)) {
    if (id === undefined) return digest([...collection.table(first).values()].sort((p, q) => (p.id < q.id ? -1 : 1)))
    return digest(collection.get(first, id) ?? null)
  }
  if (first === 'account') return digest(ledger.account(id ?? ''))
  if (first === 'places') return digest(ledger.eventsOf(id ?? ''))
  return first === 'journal' ? digest([...collection.journal.keys()].sort()) : ''
}

function split(key: Key): [string, string | undefined] {
  const at = key.indexOf('/')
  return at < 0 ? [key, undefined] : [key.slice(0, at), key.slice(at + 1)]
}
