/** A store of the browser's for tests: what it holds, and the store, with some of its ways replaced. */
export const held = new Map<string, string>()
export const heldStorage = (extra: Partial<Storage> = {}) => ({
  getItem: (key: string) => held.get(key) ?? null,
  setItem: (key: string, text: string) => void held.set(key, text),
  removeItem: (key: string) => void held.delete(key),
  ...extra,
})
