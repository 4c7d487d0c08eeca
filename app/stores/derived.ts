import type { Key } from '@juxtachrome/core/collection'
import type { IndexPart } from '@juxtachrome/core/reach'
import { forgetDerived, keepDerived, keyOfAnswer, newestDerived, readDerived } from '~/storage/derived'
import { withLock } from '~/storage/locks'

/** An answer, and prints of what it rests on by their keys. */
interface Answer {
  prints: readonly (readonly [key: Key, print: string])[]
  value: unknown
}

/**
 * What was worked out and is kept on this device apart from the collection: parts of indexes, and answers with what they
 * rest on. All of it may go at any time.
 */
export const keptResults = {
  readParts: (key: string) => readDerived<IndexPart>(key),
  keepParts: (key: string, parts: readonly IndexPart[]) => keepDerived(key, parts),
  forget: forgetDerived,
  newest: newestDerived,
  /** One window at a time works a thing out; the others find it kept afterwards. */
  inTurn: <T>(key: string, work: () => Promise<T>): Promise<T> =>
    withLock('exclusive', work, `juxtachrome-derived ${key}`),
  readAnswer: async (name: string, request: unknown): Promise<Answer | undefined> =>
    (await readDerived<Answer>(keyOfAnswer(name, request)))?.[0],
  keepAnswer: (name: string, request: unknown, kept: Answer) => keepDerived(keyOfAnswer(name, request), [kept]),
}
