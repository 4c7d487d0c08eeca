import type * as z from 'zod/mini'
import { fail, ok, type Result } from '../result'
import { isRecord } from './isRecord'
import { KINDS, type DocumentOf, type KindName } from './kinds'

const FORBIDDEN = new Set(['__proto__', 'prototype', 'constructor'])
/** Whether a name may be that of a field: not one that reaches into an object's own workings. */
export const isFieldName = (name: string): boolean => !FORBIDDEN.has(name)

const DEEPEST = 12

/**
 * Brings one stored or imported document up to the present version and checks it. Unknown fields
 * are kept. The input is never changed.
 *
 * Errors: `not-a-document`, `from-newer-version`, `no-migration`, `invalid-document`.
 */
export function loadDocument<K extends KindName>(
  name: K,
  raw: unknown,
  doing: 'read' | 'kept' = 'read',
): Result<DocumentOf<K>> {
  const { schema, version, migrations, word } = KINDS[name]
  if (!isRecord(raw)) return fail('not-a-document', `A ${word} must be a record, not ${describe(raw)}.`)
  const where = typeof raw.id === 'string' ? raw.id.slice(0, 64) : undefined
  const unsafe = unsafeKey(raw)
  if (unsafe) return fail('invalid-document', `This ${word} cannot be ${doing}: ${unsafe}.`, where)
  if (typeof raw.v !== 'number' || !Number.isInteger(raw.v))
    return fail('not-a-document', `A ${word} lacks its version number.`, where)
  if (raw.v > version)
    return fail(
      'from-newer-version',
      `This ${word} was written by a newer Juxtachrome (version ${raw.v}; this one reads up to ${version}).`,
      where,
    )
  let current = raw
  for (let from = raw.v; from < version; from += 1) {
    const migrate = (migrations as Record<number, (old: Record<string, unknown>) => Record<string, unknown>>)[from]
    if (!migrate)
      return fail('no-migration', `This ${word} is of version ${from}, which cannot be read any more.`, where)
    current = migrate(current)
  }
  const parsed = schema.safeParse(current)
  if (parsed.success) return ok(parsed.data as DocumentOf<K>)
  const refused = fail('invalid-document', `This ${word} cannot be ${doing}: ${firstIssue(parsed.error)}`, where)
  return { ok: false, error: { ...refused.error, field: parsed.error.issues[0]?.path.join('.') } }
}

/** The first complaint of a validator, with the field it concerns. */
export function firstIssue(error: z.core.$ZodError): string {
  const issue = error.issues[0]
  if (!issue) return 'unknown reason'
  const field = issue.path.join('.')
  const said = issue.code === 'invalid_type' ? wrongType(issue.expected, issue.message) : issue.message
  return field ? `${field}: ${said}` : said
}

const TYPES: Record<string, string> = { string: 'text', number: 'a number', boolean: 'yes or no', array: 'a list' }
const wrongType = (expected: string, message: string) =>
  message.endsWith('received undefined') ? 'This is missing.' : `This must be ${TYPES[expected] ?? 'a record'}.`

/** Says what is wrong with keys or depth that could harm a reader, or undefined. */
function unsafeKey(value: unknown, depth = 0): string | undefined {
  if (value === null || typeof value !== 'object') return undefined
  if (depth > DEEPEST) return `nested more than ${DEEPEST} deep`
  for (const key of Object.keys(value)) {
    if (!isFieldName(key)) return `the field name “${key}” is not allowed`
    const found = unsafeKey((value as Record<string, unknown>)[key], depth + 1)
    if (found) return found
  }
  return undefined
}

const describe = (value: unknown) =>
  value === null ? 'nothing' : Array.isArray(value) ? 'a list' : `a ${typeof value}`
