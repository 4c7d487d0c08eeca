import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { isStanding, type Purchase } from '../documents/purchase'
import type { Sums } from '../paints/reading/price'
import { viewOfPaint } from '../paints/view'

/** One amount that was spent. */
export interface Spending {
  day: string
  minor: number
  currency: string
  paint?: Paint
  /** A delivery rather than a paint. */
  isDelivery?: boolean
}

export interface SpentQuestion {
  items: readonly Item[]
  purchases: readonly Purchase[]
  paint: (id: string) => Paint | undefined
}

/**
 * What was spent: every item with a price and the day on which it was bought, and the deliveries of purchases. What was
 * returned or never came is not counted; neither are items without price or day, of which the number is said.
 */
export function spendingsOf({ items, purchases, paint }: SpentQuestion): {
  spendings: Spending[]
  unpriced: number
  undated: number
} {
  const lost = new Set(purchases.flatMap((p) => p.lines.flatMap((l) => (isStanding(l) ? [] : l.itemIds))))
  const ordered = new Map(purchases.flatMap((p) => p.lines.flatMap((l) => l.itemIds.map((id) => [id, p.day] as const))))
  const spendings: Spending[] = []
  let [unpriced, undated] = [0, 0]
  for (const item of items) {
    if (lost.has(item.id)) continue
    const day = item.bought ?? ordered.get(item.id)
    if (!item.price) unpriced += 1
    else if (!day) undated += 1
    else {
      const of = paint(item.paintId)
      spendings.push({ day, ...item.price, ...(of ? { paint: of } : {}) })
    }
  }
  for (const { day, delivery, currency, lines } of purchases)
    if (delivery && lines.some(isStanding)) spendings.push({ day, minor: delivery, currency, isDelivery: true })
  return { spendings: spendings.sort((p, q) => (p.day < q.day ? -1 : p.day > q.day ? 1 : 0)), unpriced, undated }
}

export const SPENT_BY = ['month', 'family', 'maker'] as const
export type SpentBy = (typeof SPENT_BY)[number]

/** Sums by month, family or maker, each by currency; months in order, the others by what was spent. */
export function spentBy(spendings: readonly Spending[], by: SpentBy): { of: string; sums: Sums }[] {
  const groups = new Map<string, Map<string, number>>()
  for (const one of spendings) {
    const of = groupOf(one, by)
    const sums = groups.get(of) ?? new Map<string, number>()
    sums.set(one.currency, (sums.get(one.currency) ?? 0) + one.minor)
    groups.set(of, sums)
  }
  const all = [...groups].map(([of, sums]) => ({ of, sums }))
  const largest = ({ sums }: { sums: Sums }) => Math.max(...sums.values())
  return all.sort((p, q) =>
    by === 'month' ? (p.of < q.of ? -1 : 1) : largest(q) - largest(p) || (p.of < q.of ? -1 : 1),
  )
}

function groupOf({ day, paint, isDelivery }: Spending, by: SpentBy): string {
  if (by === 'month') return day.slice(0, 7)
  if (isDelivery) return 'deliveries'
  if (by === 'maker') return paint?.maker || 'no maker noted'
  return (paint && viewOfPaint(paint).family) ?? 'no family'
}
