import { isRecord } from '../documents/isRecord'
import { fail, ok, type Result } from '../result'

interface Format {
  format: string
  /** The error where it is something else. */
  code: string
  /** `shared palette`: what is missed, in messages. */
  what: string
  /** Where something else is taken in, in a sentence. */
  otherwise?: string
}

/**
 * The record that a JSON text of one of our formats holds, version 1; its fields are still to be checked.
 * Errors: `code` (not JSON, or of another format), `from-newer-version`.
 */
export function readFormat(text: string, { format, code, what, otherwise }: Format): Result<Record<string, unknown>> {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return fail(code, `That is no ${what}: it is not JSON.`)
  }
  const no = fail(code, [`That is no ${what}.`, otherwise].filter(Boolean).join(' '))
  if (!isRecord(raw) || raw.format !== format) return no
  if (typeof raw.version === 'number' && raw.version > 1)
    return fail('from-newer-version', `This ${what} comes from a newer Juxtachrome. Nothing was changed.`)
  return raw.version === 1 ? ok(raw) : no
}
