import { counted } from '../units'
import { same } from '../documents/diff'
import { EDITABLE_KINDS, KIND_NAMES, KINDS, type EditableKind } from '../documents/kinds'
import type { Collection } from './collection'
import { noContents, type Contents } from './contents'
import { isApart } from './slim'

/** Documents that are here under an id of which something else comes in: how many of each kind. */
export function wouldReplace({ documents }: Contents, mine: Collection): { kind: EditableKind; count: number }[] {
  return EDITABLE_KINDS.flatMap((kind) => {
    const differing = documents[kind].filter((d) => {
      const present = mine.get(kind, d.id)
      return present && !isApart(kind) && !same(present, d)
    })
    return differing.length ? [{ kind, count: differing.length }] : []
  })
}

/** `3 paints and 1 palette`; empty when there is nothing. */
export function replacedInWords(replaced: readonly { kind: EditableKind; count: number }[]): string {
  const parts = replaced.map(({ kind, count }) => counted(count, KINDS[kind].word))
  return [parts.slice(0, -1).join(', '), parts.at(-1)].filter(Boolean).join(' and ')
}

/**
 * What a collection holds when another came in beside it or in its place: of two documents with the same id the one
 * that came in. Only for collections of which everything could be read.
 */
export function cameIn(incoming: Contents, how: 'replace' | 'add', mine: Collection): Contents {
  if (how === 'replace') return incoming
  const present = mine.contents()
  const { documents } = noContents()
  for (const kind of KIND_NAMES) {
    const byId = new Map<string, unknown>()
    for (const d of present.documents[kind]) byId.set(d.id, d)
    for (const d of incoming.documents[kind]) byId.set(d.id, d)
    ;(documents[kind] as unknown[]) = [...byId.values()]
  }
  return { documents, unreadable: [] }
}
