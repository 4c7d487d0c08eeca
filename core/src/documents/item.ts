import * as z from 'zod/mini'
import { Day, Id, Price, text, Volume, line } from './fields'
import { kind } from './kind'

export const ITEM_KINDS = ['tube', 'stick', 'bought pan', 'handmade pan', 'sample'] as const
export type ItemKind = (typeof ITEM_KINDS)[number]

/** Whether there is any to paint with: exactly one of these holds. */
export const SUPPLIES = ['on order', 'sealed', 'open', 'lent', 'empty'] as const
/** What else is true of it: any number. */
export const REMARKS = [
  'nearly empty',
  'stiff',
  'separated',
  'cracked cap',
  'saving it',
  'using it up',
  'label lost',
] as const
export type Supply = (typeof SUPPLIES)[number]
export type Remark = (typeof REMARKS)[number]

/** A physical thing that holds some of a paint. Version 2: a supply and remarks in place of one state. */
export const Item = z.looseObject({
  id: Id,
  v: z.literal(2),
  paintId: Id,
  kind: z.enum(ITEM_KINDS),
  /** What it held when new, ml; 0 when unknown. */
  millilitres: Volume,
  /** Set where nobody gave the size and the usual one stands in for it. */
  sizeAssumed: z.optional(z.boolean()),
  supply: z.enum(SUPPLIES),
  remarks: z.array(z.enum(REMARKS)).check(z.maxLength(REMARKS.length)),
  price: z.optional(Price),
  bought: z.optional(Day),
  /** Shop, fair or friend. */
  boughtFrom: z.optional(line(120)),
  /** Where it lies: a drawer, a bag, a tin. */
  place: z.optional(line(80)),
  /** When somebody last looked at it and found it good. */
  lookedAt: z.optional(Day),
  note: z.optional(text(2000)),
  removed: z.optional(z.boolean()),
})
export type Item = z.infer<typeof Item>

/** Whether paint can be taken from an item. */
export const isUsable = ({ supply }: Pick<Item, 'supply'>): boolean => supply === 'open' || supply === 'sealed'

/** v1 had one `state`; v2 keeps the supply apart from the remarks, since a tube can be open and stiff. */
export function itemFrom1To2(old: Record<string, unknown>): Record<string, unknown> {
  const { state, ...rest } = old
  const supply = SUPPLIES.find((s) => s === state)
  const remark = REMARKS.find((r) => r === state)
  return { ...rest, v: 2, supply: supply ?? 'open', remarks: remark ? [remark] : [] }
}

export const itemKind = kind({
  schema: Item,
  version: 2,
  word: 'item',
  many: 'tubes, pans and other items',
  since: 1,
  migrations: { 1: itemFrom1To2 },
})
