import { derived } from '../collection/caches'
import { itemsByPaint } from '../collection/lists'
import type { Reading } from '../collection/reading'
import { same } from '../documents/diff'
import { isUsable } from '../documents/item'
import { supplyOf, type Supply } from '../order'

const counts = derived(
  (reading): Record<string, number> =>
    Object.fromEntries([...itemsByPaint(reading)].map(([id, items]) => [id, items.filter(isUsable).length])),
  same,
)

const supplies = derived(
  (reading): Record<string, Supply> =>
    Object.fromEntries([...itemsByPaint(reading)].map(([id, items]) => [id, supplyOf(items)])),
  same,
)
const NONE = supplyOf([])

/** How much of a paint is there, by its id. */
export function supplyIn(reading: Reading): (paintId: string) => Supply {
  const known = supplies(reading)
  return (paintId) => (Object.hasOwn(known, paintId) ? known[paintId]! : NONE)
}

/** How many tubes and pans of a paint there are to fill from, by its id. */
export function usableItemsIn(reading: Reading): (paintId: string) => number {
  const usable = counts(reading)
  return (paintId) => (Object.hasOwn(usable, paintId) ? usable[paintId]! : 0)
}
