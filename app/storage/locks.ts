/** Commands write beside each other; an import or a wipe has the database to itself, over all tabs. */
const NAME = 'juxtachrome-writing'

/** Runs work when no other window stands in its way; without locks at once. */
export function withLock<T>(mode: 'shared' | 'exclusive', work: () => Promise<T>, name = NAME): Promise<T> {
  const locks = globalThis.navigator?.locks as LockManager | undefined
  return locks ? (locks.request(name, { mode }, work) as Promise<T>) : work()
}
