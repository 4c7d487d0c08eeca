import type { EditableKind } from '../documents/kinds'
import type { Collection } from './collection'

/** What is worked out from documents of some kinds, and anew only when one of those kinds changed. */
export function byKinds<T>(
  kinds: readonly (EditableKind | 'journal')[],
  workOut: (collection: Collection) => T,
): (collection: Collection) => T {
  const known = new WeakMap<Collection, { revision: number; value: T }>()
  return (collection) => {
    const revision = Math.max(...kinds.map((k) => collection.changedAt(k)))
    const cached = known.get(collection)
    if (cached?.revision === revision) return cached.value
    const value = workOut(collection)
    known.set(collection, { revision, value })
    return value
  }
}

/** What is worked out from one document, and anew only when that document became another. */
export function byDocument<D extends object, T>(workOut: (document: D) => T): (document: D) => T {
  const known = new WeakMap<D, { value: T }>()
  return (document) => {
    const cached = known.get(document)
    if (cached) return cached.value
    const value = workOut(document)
    known.set(document, { value })
    return value
  }
}
