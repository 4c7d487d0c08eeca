import type { EditableKind } from '../documents/kinds'
import type { Applied } from './writeSet'

/**
 * Names what can be read of a collection and can change: a kind of document (`paints`), one document (`paints/p1`), the
 * journal (`journal`), an item's account (`account/i1`), what lies in a palette's places and what was painted from it
 * (`places/b1`), and what is held beside the documents (`index/…`). Workers, caches and screens use the same keys.
 */
export type Key = string

export const keyOfDocument = (kind: EditableKind, id: string): Key => `${kind}/${id}`
export const keyOfAccount = (itemId: string): Key => `account/${itemId}`
export const keyOfPlaces = (paletteId: string): Key => `places/${paletteId}`
export const keyOfHeld = (key: string): Key => `index/${key}`

/** The keys that an application of changes met; where everything was put in anew, all of them did. */
export function keysOf({ delta, touched }: Pick<Applied, 'delta' | 'touched'>): Key[] {
  return [
    ...new Set<Key>(delta.documents.map((d) => d.kind)),
    ...delta.documents.map(({ kind, id }) => keyOfDocument(kind, id)),
    ...(delta.journal.length ? ['journal'] : []),
    ...[...touched.items].map(keyOfAccount),
    ...[...touched.palettes].map(keyOfPlaces),
  ]
}
