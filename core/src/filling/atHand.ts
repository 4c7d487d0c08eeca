import { itemsByPaint } from '../collection/lists'
import type { Collection } from '../collection/collection'
import { isUsable } from '../documents/item'

/** How many tubes and pans of a paint there are to fill from, by its id. */
export function usableItemsIn(collection: Collection): (paintId: string) => number {
  const items = itemsByPaint(collection)
  return (paintId) => items.get(paintId)?.filter(isUsable).length ?? 0
}
