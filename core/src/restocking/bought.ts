import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import type { Purchase, PurchaseLine } from '../documents/purchase'
import type { Need, NeedReason } from './need'
import { matchOf } from './offers'

/** What was bought for a need. */
export interface Bought {
  /** Lines of orders that are still to come. */
  ordered: number
  /** On which day the last of it came, `YYYY-MM-DD`. */
  came?: string
}

type Asked = Pick<Need, 'key' | 'paintId' | 'name' | 'maker' | 'pigments' | 'anyMaker' | 'answer'>

/**
 * What was bought for needs, by the orders: a line says which needs it serves; of an older line, which does not, what it
 * holds is held against the need.
 */
export function boughtFor(
  purchases: readonly Purchase[],
  paintOf: (itemId: string) => Paint | undefined,
): (need: Asked) => Bought {
  const lines = purchases.flatMap((p) => p.lines.map((line) => ({ line, ordered: p.day })))
  const serves = (line: PurchaseLine, need: Asked) =>
    line.serves
      ? line.serves.includes(need.key)
      : line.itemIds.some((id) => {
          const paint = paintOf(id)
          if (!paint) return false
          if (need.paintId) return paint.id === need.paintId
          return matchOf(need, { ...paint, millilitres: 0, kind: 'tube' }) !== undefined
        })
  return (need) => {
    const own = lines.filter(({ line }) => serves(line, need))
    const came = own.flatMap(({ line, ordered }) => (line.state === 'delivered' ? [line.day ?? ordered] : [])).sort()
    return {
      ordered: own.filter(({ line }) => line.state === 'ordered').length,
      ...(came.length ? { came: came.at(-1)! } : {}),
    }
  }
}

/** The paint that an item is of. */
export const paintOfItems = (
  items: readonly Item[],
  paints: readonly Paint[],
): ((itemId: string) => Paint | undefined) => {
  const byId = new Map(paints.map((p) => [p.id, p]))
  const paintIds = new Map(items.map((i) => [i.id, i.paintId]))
  return (itemId) => byId.get(paintIds.get(itemId) ?? '')
}

/** Whether a reason is newer than what came for the need: what is used up again, wished for or written down again. */
export function isNewReason(reason: NeedReason, came: string, answeredOn: string | undefined): boolean {
  switch (reason.kind) {
    case 'empty':
    case 'low':
      return true
    case 'wished':
      return reason.last > came
    case 'own':
      return answeredOn !== undefined && answeredOn > came
    default:
      return false
  }
}
