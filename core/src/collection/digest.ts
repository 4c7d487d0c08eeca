import { isRecord } from '../documents/isRecord'

/**
 * A short digest of plain data that does not depend on the order of fields; fields that are undefined do not
 * count. Two 32-bit FNV-1a hashes (Fowler, Noll, Vo; RFC 9923), the second over the text backwards.
 */
export function digest(value: unknown): string {
  const text = JSON.stringify(value, inOrder)
  let [forward, backward] = [0x811c9dc5, 0x811c9dc5]
  for (let i = 0; i < text.length; i += 1) {
    forward = Math.imul(forward ^ text.charCodeAt(i), 0x01000193)
    backward = Math.imul(backward ^ text.charCodeAt(text.length - 1 - i), 0x01000193)
  }
  return `${(forward >>> 0).toString(36)}-${(backward >>> 0).toString(36)}`
}

function inOrder(_key: string, value: unknown): unknown {
  if (!isRecord(value)) return value
  return Object.fromEntries(Object.entries(value).sort(([p], [q]) => (p < q ? -1 : 1)))
}
