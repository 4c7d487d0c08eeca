import type { Result } from '@juxtachrome/core/result'
import { TABLES_VERSION, type Database } from './database'
import { FOREIGN_DATABASE, NEWER_DATABASE } from './problems'

/** The library counts versions in tens, and its own repairs within them. */
const layoutOf = (version: number) => Math.floor(version / 10)

/**
 * Looks at a database before the library opens it: that would patch a layout that it does not know, and writing into
 * it could harm what it holds. Nothing where it can be opened. Errors: `newer-database`, `foreign-database`.
 */
export async function strangeLayout(db: Database): Promise<Result<never> | undefined> {
  const found = await look(db.name)
  if (!found) return undefined
  const layout = layoutOf(found.version)
  if (layout > TABLES_VERSION) return NEWER_DATABASE
  return db.tablesOf(layout).every((table) => found.tables.includes(table)) ? undefined : FOREIGN_DATABASE
}

/** The version and tables of a database that is there; none is made where there is none. */
function look(name: string): Promise<{ version: number; tables: string[] } | undefined> {
  return new Promise((answer, refuse) => {
    const asked = indexedDB.open(name)
    let isNew = false
    asked.onupgradeneeded = () => {
      isNew = true
      asked.transaction?.abort()
    }
    asked.onsuccess = () => {
      const { result } = asked
      answer({ version: result.version, tables: [...result.objectStoreNames] })
      result.close()
    }
    asked.onerror = (event) => {
      event.preventDefault()
      if (isNew) answer(undefined)
      else refuse(asked.error ?? new Error('The database does not open.'))
    }
  })
}
