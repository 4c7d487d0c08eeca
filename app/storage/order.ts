import { nanoid } from 'nanoid'
import type { Database } from './database'

/**
 * The database's own order. Every write is one further; when everything is replaced or wiped a new era
 * begins, and what was made in the old one no longer fits.
 */
export interface Order {
  era: string
  count: number
}

const KEY = 'order'

const isOrder = (value: unknown): value is Order =>
  typeof value === 'object' && value !== null && 'era' in value && 'count' in value && typeof value.count === 'number'

export async function orderOf(db: Database): Promise<Order> {
  const value = (await db.meta.get(KEY))?.value
  return isOrder(value) ? value : { era: 'first', count: 0 }
}

/** Inside a transaction: the order one write further. */
export async function countOn(db: Database): Promise<Order> {
  const { era, count } = await orderOf(db)
  const next = { era, count: count + 1 }
  await db.meta.put({ key: KEY, value: next })
  return next
}

/** Inside a transaction: begins a new era. */
export async function beginEra(db: Database): Promise<Order> {
  const next = { era: nanoid(8), count: 0 }
  await db.writes.clear()
  await db.meta.put({ key: KEY, value: next })
  return next
}
