import { KINDS, type DocumentOf, type EditableKind, type KindName } from '../documents/kinds'

/** Whether documents of a kind carry something large, which is read from where they are kept only when it is seen. */
export const isApart = (kind: KindName): boolean => KINDS[kind].apart !== undefined

/** A document as it is held in memory: without what is read only when it is seen. */
export function slim<K extends EditableKind>(kind: K, document: DocumentOf<K>): DocumentOf<K> {
  const field = KINDS[kind].apart
  if (field === undefined || (document as Record<string, unknown>)[field] === '') return document
  return { ...document, [field]: '' }
}
