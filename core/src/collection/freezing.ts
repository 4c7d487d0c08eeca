/**
 * Whether documents are frozen as they come in, so that whoever changes one in place fails at once. On in tests and in
 * development; in a built application it would cost time for nothing.
 */
export const freezing = { on: false }

/** The document, frozen to its last field where that is asked for. */
export function frozen<T>(value: T): T {
  if (!freezing.on || typeof value !== 'object' || value === null || Object.isFrozen(value)) return value
  if (ArrayBuffer.isView(value)) return value
  Object.freeze(value)
  for (const part of Object.values(value)) frozen(part)
  return value
}
