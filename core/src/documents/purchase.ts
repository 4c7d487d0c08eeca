import * as z from 'zod/mini'
import { Day, Id, line } from './fields'
import { kind, newestFirst } from './kind'

const Minor = z.int().check(z.gte(0), z.lte(100_000_00))
export const PURCHASE_STATES = ['ordered', 'delivered', 'returned', 'never mind'] as const
export type PurchaseState = (typeof PURCHASE_STATES)[number]

/** One thing that was ordered, and what became of it: the items it is or was to be. */
export const PurchaseLine = z.looseObject({
  words: line(200),
  minor: Minor,
  itemIds: z.array(Id).check(z.maxLength(120)),
  state: z.enum(PURCHASE_STATES),
  /** Keys of the needs for which it was ordered. */
  serves: z.optional(z.array(z.string().check(z.minLength(1), z.maxLength(160))).check(z.maxLength(200))),
  /** On which day it came to that. */
  day: z.optional(Day),
})
export type PurchaseLine = z.infer<typeof PurchaseLine>

/** What was ordered from a shop in one go. */
export const Purchase = z.looseObject({
  id: Id,
  v: z.literal(1),
  shop: line(120),
  day: Day,
  currency: z.string().check(z.regex(/^[A-Z]{3}$/, 'A currency such as EUR.')),
  delivery: z.optional(Minor),
  lines: z.array(PurchaseLine).check(z.minLength(1), z.maxLength(400)),
})
export type Purchase = z.infer<typeof Purchase>

/** Whether it came or is still to come: what was sent back, or never came, is not paid for. */
export const isStanding = ({ state }: Pick<PurchaseLine, 'state'>): boolean =>
  state === 'ordered' || state === 'delivered'

export const purchaseKind = kind({
  schema: Purchase,
  version: 1,
  word: 'purchase',
  many: 'orders',
  since: 8,
  order: newestFirst,
})
