/** Why something could not be done: data, so that it can cross the worker seam and be shown where it happened. */
export interface Problem {
  /** Stable, kebab-case; for tests and translations. */
  code: string
  /** A full sentence in plain English. */
  message: string
  /** The field, row or document concerned, when there is one. */
  where?: string
  /** The field of the document, when one is at fault: `series`, `masstone.L`. */
  field?: string
}

export type Result<T, E = Problem> = { ok: true; value: T } | { ok: false; error: E }

export const ok = <T>(value: T): { ok: true; value: T } => ({ ok: true, value })

export const fail = (code: string, message: string, where?: string): { ok: false; error: Problem } => ({
  ok: false,
  error: where === undefined ? { code, message } : { code, message, where },
})
