import Dexie from 'dexie'
import { ok, type Result } from '@juxtachrome/core/result'
import type { Contents } from '@juxtachrome/core/collection'
import { problemOf } from './problems'
import { readPiecemeal } from './reading'

/**
 * Reads what can be read of a database that could not be opened as usual, whatever its layout, and changes
 * nothing in it: for an export before anything else is tried.
 */
export async function salvage(name: string): Promise<Result<Contents>> {
  const db = new Dexie(name)
  try {
    await db.open()
    return ok(await readPiecemeal(db))
  } catch (error) {
    return problemOf(error)
  } finally {
    db.close()
  }
}
