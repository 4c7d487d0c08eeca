import type * as z from 'zod/mini'

/** Brings a document of one version to the next; the input is never changed. */
export type Migration = (old: Record<string, unknown>) => Record<string, unknown>

/** Everything there is to know of a kind of document: its table, lists, inventory, files and checks follow from it. */
export interface Kind<Schema extends z.ZodMiniType = z.ZodMiniType> {
  schema: Schema
  version: number
  /** What one of them is called in messages. */
  word: string
  /** What they are called where they are counted. */
  many: string
  /** The layout of the database that first had a table for them. */
  since: number
  /** Keyed by the version they start from. */
  migrations: Record<number, Migration>
  /**
   * A field that is large: it lies on the disk and in files, is empty in memory, and is read when it is seen. Such a
   * document never changes, and its id says what it holds.
   */
  apart?: string
  /**
   * Fields that hold things of their own by name, such as the plan of a palette by its places: where two devices changed
   * such a field, their changes are joined thing by thing. Any other field counts as one.
   */
  joined?: readonly string[]
  /** The order of their list; without it that of the database, by id. */
  order?: (one: z.infer<Schema>, other: z.infer<Schema>) => number
}

export const kind = <Schema extends z.ZodMiniType>(
  of: Omit<Kind<Schema>, 'migrations'> & { migrations?: Record<number, Migration> },
): Kind<Schema> => ({ migrations: {}, ...of })

export const byName = (one: { name: string }, other: { name: string }): number => one.name.localeCompare(other.name)
export const newestFirst = (one: { day: string }, other: { day: string }): number =>
  one.day < other.day ? 1 : one.day > other.day ? -1 : 0
