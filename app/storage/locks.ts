/** Commands write beside each other; an import or a wipe has the database to itself, over all tabs. */
const NAME = 'juxtachrome-writing'

export function withLock<T>(mode: 'shared' | 'exclusive', work: () => Promise<T>): Promise<T> {
  const locks = globalThis.navigator?.locks as LockManager | undefined
  return locks ? (locks.request(NAME, { mode }, work) as Promise<T>) : work()
}
