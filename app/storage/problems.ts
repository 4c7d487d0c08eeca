import Dexie from 'dexie'
import { fail, type Problem, type Result } from '@juxtachrome/core/result'

export const NEWER_DATABASE = fail(
  'newer-database',
  'This collection was last opened by a newer Juxtachrome. Reload to get the newer one; nothing was changed.',
)

export const FOREIGN_DATABASE = fail(
  'foreign-database',
  'The collection’s database lacks a part that belongs to it: another program or a damaged disk changed it. Nothing was changed in it. Save what can be read of it, then wipe and bring that in.',
)

export const NEWER_TAB: Problem = {
  code: 'newer-tab',
  message: 'A newer Juxtachrome is open in another tab. This one stopped saving: reload it.',
}

/** A browser closes a database of itself, for one when the disk is full. */
export const CLOSED: Problem = {
  code: 'closed',
  message:
    'The browser closed the database, as it does when the disk is full, so this is not saved. Free some space and try again, or export what you see here.',
}

/** Why the database refused, in words for the person. */
export function problemOf(error: unknown): Result<never> {
  const name = error instanceof Error ? error.name : ''
  const inner = error instanceof Dexie.DexieError ? (error.inner as Error | undefined)?.name : ''
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError')
    return fail(
      'disk-full',
      'The disk or the browser’s share of it is full, so this is not saved. Export the collection or free some space, then try again.',
    )
  if (name === 'VersionError') return NEWER_DATABASE
  const isShut = error instanceof Error && error.message.includes('backing store')
  if (isShut || name === 'DatabaseClosedError') return { ok: false, error: CLOSED }
  const denied = error instanceof Error && error.message.includes('denied permission')
  if (denied || name === 'MissingAPIError' || name === 'InvalidStateError' || name === 'SecurityError')
    return fail(
      'no-database',
      'This browser window does not allow a database: site data may be blocked, or this is a private window. Nothing can be kept here.',
    )
  return fail(
    'storage-failed',
    `The browser could not keep this: ${error instanceof Error ? error.message : String(error)}`,
  )
}
