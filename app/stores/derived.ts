import { withLock } from '~/storage/locks'

/** What was worked out and is kept on this device apart from the collection. */
export { forgetDerived, keepDerived, newestDerived, readDerived } from '~/storage/derived'

/** One window at a time works a thing out; the others find it kept afterwards. */
export const inTurn = <T>(key: string, work: () => Promise<T>): Promise<T> =>
  withLock('exclusive', work, `juxtachrome-derived ${key}`)
