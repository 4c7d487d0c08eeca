import type { Bundle, Database, Raw } from './database'

/** Entries in a bundle. */
export const BUNDLE = 500

const idsIn = (bundles: readonly Bundle[]) => new Map(bundles.flatMap((b) => b.entries.map((e) => [e.id, b] as const)))

/**
 * Inside a transaction: puts entries in, in the place of those with the same id. Whole bundles of what is new are
 * bound, the rest go in one by one.
 */
export async function putEntries(db: Database, entries: readonly Raw[], progress: (done: number) => void) {
  const single = new Set(await db.journal.toCollection().primaryKeys())
  const bound = idsIn(await db.bundles.toArray())
  const own: Raw[] = []
  const fresh: Raw[] = []
  const again = new Map<Bundle, Map<string, Raw>>()
  for (const entry of entries) {
    const bundle = bound.get(entry.id)
    if (single.has(entry.id)) own.push(entry)
    else if (bundle) again.set(bundle, (again.get(bundle) ?? new Map<string, Raw>()).set(entry.id, entry))
    else fresh.push(entry)
  }
  for (const [bundle, given] of again) await replaceIn(db, bundle, (e) => given.get(e.id) ?? e)
  const whole = fresh.length - (fresh.length % BUNDLE)
  for (let i = 0; i < whole; i += BUNDLE) {
    const rows = fresh.slice(i, i + BUNDLE)
    await db.bundles.put({ id: rows[0]!.id, entries: rows })
    progress(BUNDLE)
  }
  await db.journal.bulkPut([...own, ...fresh.slice(whole)])
  progress(entries.length - whole)
}

/** The entry as it lies in a bundle, and what takes it out of there; both inside a transaction. */
export async function boundEntry(db: Database, id: string) {
  const bundle = (await db.bundles.toArray()).find((b) => b.entries.some((e) => e.id === id))
  const entry = bundle?.entries.find((e) => e.id === id)
  if (!bundle || !entry) return undefined
  return { entry, unbind: () => replaceIn(db, bundle, (e) => (e.id === id ? undefined : e)) }
}

async function replaceIn(db: Database, bundle: Bundle, as: (entry: Raw) => Raw | undefined) {
  await db.bundles.put({ ...bundle, entries: bundle.entries.flatMap((e) => as(e) ?? []) })
}
