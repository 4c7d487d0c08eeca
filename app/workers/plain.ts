/** A copy that can cross to a worker: reactive wrappers undone; typed arrays, buffers and pictures passed as they are. */
export function plain<T>(value: T): T {
  if (value === null || typeof value !== 'object') return value
  if (Array.isArray(value)) return value.map(plain) as T
  const prototype: unknown = Object.getPrototypeOf(value)
  if (prototype !== Object.prototype && prototype !== null) return value
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .map(([k, v]) => [k, plain(v as unknown)]),
  ) as T
}
