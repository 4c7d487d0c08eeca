import { Collection, noContents, type Contents, type Unreadable } from '@juxtachrome/core/collection'
import { fail } from '@juxtachrome/core/result'

/** What could be opened of a collection that could not be opened whole. */
export interface Rescued {
  contents: Contents
  /** Documents that were set aside, with the reason. */
  aside: Unreadable[]
}

/**
 * Opens what can be opened: documents and journal entries that make the collection fail are set aside one by
 * one, found by halving, so that a single bad one does not cost a hundred thousand others.
 */
export function rescue({ documents, unreadable }: Contents): Rescued {
  const fine = noContents()
  fine.unreadable = unreadable
  const aside: Unreadable[] = []
  for (const kind of Object.keys(documents) as (keyof typeof documents)[]) {
    const kept: unknown[] = []
    const opens = (list: readonly unknown[]) => canOpen({ ...fine.documents, [kind]: [...kept, ...list] })
    const sift = (list: readonly unknown[]): void => {
      if (list.length === 0) return
      const why = opens(list)
      if (why === undefined) kept.push(...list)
      else if (list.length === 1) aside.push({ kind, raw: list[0], problem: fail('cannot-open', why).error })
      else {
        sift(list.slice(0, list.length >> 1))
        sift(list.slice(list.length >> 1))
      }
    }
    sift(documents[kind])
    ;(fine.documents[kind] as unknown[]) = kept
  }
  return { contents: { ...fine, unreadable: [...unreadable, ...aside] }, aside }
}

/** Why a collection of these documents cannot be opened, or undefined. */
function canOpen(documents: Contents['documents']): string | undefined {
  try {
    new Collection({ documents, unreadable: [] })
    return undefined
  } catch (error) {
    return `It cannot be opened: ${error instanceof Error ? error.message : String(error)}`
  }
}
